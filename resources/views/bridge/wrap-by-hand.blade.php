<details id="by-hand" @if (! $wrapping->isDriven || $errors->any()) open @endif><summary>Read it off by hand</summary>
<x-form :action="$act">
    <div class="pair">
        <label class="field"><span>It stands</span><select name="open">
            <option value="1" @selected($isOpenNext)>fully open</option>
            <option value="0" @selected(! $isOpenNext)>fully closed</option>
        </select></label>
        <label class="field"><span>and says, {{ $kind->unit() }}</span>
            <input name="value" inputmode="decimal" maxlength="5" required></label>
    </div>
    <button class="{{ $wrapping->isDriven ? 'btn' : 'big' }}" @if (! $wrapping->isDriven) id="big" @endif>Note it</button>
</x-form>
</details>
