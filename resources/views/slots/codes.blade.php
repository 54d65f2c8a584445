<details id="codes"><summary>Codes</summary>
    @foreach ($open->credentials as $credential)
    <x-form :action="route('jobs.slots.credentials.show', [$job, $slot, $credential->id])" to="#drawer" class="mb-2">
        <button class="btn plain">Show: {{ $credential->label }}</button>
    </x-form>
    @endforeach
    <p class="quiet mb-2">Showing a code is written into the logbook. Codes never go into the pack.</p>
    <x-form :action="route('jobs.slots.credentials.store', [$job, $slot])">
        <input type="hidden" name="station" value="{{ $bench->station }}">
        <label class="field"><span>What it is for</span><input name="label" maxlength="120" required></label>
        <label class="field"><span>Code from the sticker</span>
            <input name="secret" maxlength="512" autocomplete="off" spellcheck="false" required></label>
        <button class="btn">Store the code</button>
    </x-form>
</details>
