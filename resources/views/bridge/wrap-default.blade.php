@if ($kind->as() === 'activity')
<label class="field"><span>{{ $kind->of() === 'level' ? 'Brightness that it sets, %' : 'What it sets' }}</span>
    <input name="default" value="{{ old('default', $row->default_value) }}" maxlength="20" required></label>
@else
<fieldset class="field"><legend>Before it has said anything it counts as</legend>
    <div class="pair">
        @foreach (['closed', 'open'] as $value)
        <label class="tick"><input type="radio" name="default" value="{{ $value }}"
            @checked($row->default_value === $value)> {{ $value }}</label>
        @endforeach
    </div>
</fieldset>
@endif
