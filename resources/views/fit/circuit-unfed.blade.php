<details id="not-live"><summary>It is not live here</summary>
    <p class="quiet">Then this box hangs on another circuit, or the breaker is off already. Leave the box as it was, and say which circuit
        feeds it.</p>
    <x-form :action="$act()">
        <input type="hidden" name="act" value="put-back"><input type="hidden" name="slot" value="{{ $key }}">
        <button class="btn">Shut the box, and look for its circuit</button>
    </x-form>
</details>
