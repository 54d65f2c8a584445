@use('Kavvel\Core\Floorplan\OpeningKind')
<x-form :action="route('jobs.plan-edits.store', $job)" data-plan-edit>
    @include('survey.rooms.edit', ['edit' => 'put-opening'])
    <input type="hidden" name="number" value="{{ $number }}">
    <label class="field"><span>What</span><select name="opening" data-usual>
        @foreach (OpeningKind::cases() as $one)
        <option value="{{ $one->value }}" @selected($one === $kind) data-width="{{ $one->usualWidth() }}"
            data-sill="{{ $one->usualHeights()[0] }}"
            data-head="{{ $one->usualHeights()[1] }}">{{ $one->words() }}</option>
        @endforeach
    </select></label>
    <div class="two">
        <label class="field"><span>From the {{ $panel->wall()->line()->isLevel() ? 'left' : 'top' }} end, m</span>
            <input name="offset" value="{{ $opening->offset }}" inputmode="decimal" required></label>
        <label class="field"><span>Width, m</span><input name="opening_width" value="{{ $opening->width }}" inputmode="decimal"
            required></label>
        <label class="field"><span>Sill, m</span><input name="sill" value="{{ $opening->sill }}" inputmode="decimal" required></label>
        <label class="field"><span>Head, m</span><input name="head" value="{{ $opening->head }}" inputmode="decimal" required></label>
    </div>
    <button class="btn">{{ $button }}</button>
</x-form>
