@php($codeSheet = $card->profile->codeSheet)
<details id="codes"><summary>Codes</summary>
    @foreach ($open->credentials as $credential)
    <div class="code-kept">
        <x-form :action="route('jobs.slots.credentials.show', [$job, $slot, $credential->id])" to="#drawer">
            <button class="btn plain">Show: {{ $credential->title() }}{{
                $credential->stale_at === null ? '' : ' (opens nothing any more)' }}</button>
        </x-form>
        @if ($mayWork && $credential->opens() && ! $card->isIn())
        <x-form :action="route('jobs.slots.code.destroy', [$job, $slot, $credential->id])" method="delete">
            <input type="hidden" name="station" value="{{ $bench->station }}">
            <button class="btn plain">{{ $credential->isOwnKey() ? 'Throw it away' : 'Not its code: into the tray' }}</button>
        </x-form>
        @endif
        @if ($credential->stale_at !== null)
        <p class="quiet">Since {{ $credential->stale_at->onSite()->format('j M, H:i') }}: {{ $credential->stale_because }}.</p>
        @endif
    </div>
    @endforeach
    <p class="quiet mb-2">Showing a code is written into the logbook. Codes never go into the pack.</p>
    @if ($mayWork && $codeSheet !== null && $open->needsCode())
    <x-code-entry :action="route('jobs.slots.code.store', [$job, $slot])" :family="$codeSheet->family" id="slot-code">
        <input type="hidden" name="station" value="{{ $bench->station }}">
    </x-code-entry>
    @endif
    @if ($mayWork)
    <details><summary>Another code or password</summary>
        <x-form :action="route('jobs.slots.credentials.store', [$job, $slot])">
            <input type="hidden" name="station" value="{{ $bench->station }}">
            <label class="field"><span>What it is for</span><input name="label" maxlength="120" required></label>
            <label class="field"><span>Code or password</span>
                <input name="secret" maxlength="512" autocomplete="off" spellcheck="false" required></label>
            <button class="btn">Store it</button>
        </x-form>
    </details>
    @endif
</details>
