@if ($bench->mayLead())
<details id="take-over"><summary>{{ $box->opened->by }} has left the site</summary>
    <p class="quiet">Speak with {{ $box->opened->by }}, look at every box on this circuit, then take the lock off. What was proved there
        counts for nothing from then on.</p>
    <x-form :action="$act()">
        <input type="hidden" name="act" value="relieve"><input type="hidden" name="slot" value="{{ $key }}">
        <input type="hidden" name="of" value="{{ $box->opened->by }}">
        <button class="btn">I have, and take over</button>
    </x-form>
</details>
@endif
