{{-- $given: what stands in the fields; $closings: those that are open --}}
<label class="field"><span>What is asked</span><textarea name="text" maxlength="500" required>{{ $given['text'] }}</textarea></label>
<div class="two">
    <label class="field"><span>Who answers</span><input name="owner" maxlength="120" value="{{ $given['owner'] }}" required></label>
    <label class="field"><span>Trade</span><input name="trade" maxlength="80" value="{{ $given['trade'] }}"></label>
</div>
<label class="field"><span>Unanswered, this happens</span><textarea name="otherwise" maxlength="500" required>{{
    $given['otherwise'] }}</textarea></label>
<label class="field"><span>What it costs or saves</span><input name="cost_effect" maxlength="255"
    value="{{ $given['cost_effect'] }}"></label>
<label class="field"><span>Before</span><select name="closing">
    <option value="">a day of its own</option>
    @foreach ($closings as $one)
    <option value="{{ $one->closing->key }}" @selected($one->closing->key === $given['closing'])>{{ $one->closing->name }}: by
        {{ $one->closing->questionsBy()->format('j F') }}</option>
    @endforeach
</select></label>
<label class="field"><span>The day, where no closing sets it</span><input type="date" name="due_on" value="{{ $given['due_on'] }}"></label>
<details @if ($given['sources'] !== []) open @endif><summary>Two sources disagree</summary>
@foreach ([1, 2] as $number)
<div class="two">
    <label class="field"><span>Who or what</span><input name="who_{{ $number }}" maxlength="120"
        value="{{ $given['sources'][$number - 1]->who ?? '' }}"></label>
    <label class="field"><span>says</span><input name="says_{{ $number }}" maxlength="120"
        value="{{ $given['sources'][$number - 1]->says ?? '' }}"></label>
</div>
@endforeach
</details>
