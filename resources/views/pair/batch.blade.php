@if ($batch !== [])
<div>
    <h3>Through the same window</h3>
    <ul class="rows">
        @foreach ($batch as ['card' => $other, 'attempt' => $its])
        <li><a href="{{ route('jobs.pair', [$job, 'next' => $other->key()]) }}">@chip($other->profile->protocol)
            <span>{{ $other->fullTitle() }}</span><span class="end quiet">{{ $its->state->words() }}</span></a></li>
        @endforeach
    </ul>
</div>
@endif
@if ($alsoFor !== [] && $mayWork)
<details id="batch"><summary>Let another in through this window</summary>
    <p class="quiet mb-2">Unlike ones only: what comes in is told apart by its model.</p>
    <x-form :action="route('jobs.windows.slots.store', [$job, $window->reference])">
        <label class="field"><span>Device</span><select name="slot">
            @foreach ($alsoFor as $other)
            <option value="{{ $other->key() }}">{{ $other->fullTitle() }} ({{ $other->profile->name }})</option>
            @endforeach
        </select></label>
        <button class="btn">Let it in too</button>
    </x-form>
</details>
@endif
