@php($card = $open->card)
@php($slot = $card->slot)
@php($forecast = $open->forecast)
@php($mayWork = $bench->mayWork())
<a class="btn plain !justify-start" href="{{ $bench->url(['slot' => null]) }}" data-key="n">← Back to the move</a>
<div>
    <p class="over"><span>{{ $card->where() }}</span><span>{{ $card->standing()->words() }}</span></p>
    <h2 class="!mb-2"><span class="align-middle">{{ $card->title() }}</span></h2>
    <p class="flex gap-3 items-center">@chip($card->profile->protocol) <span>{{ $card->profile->name }} <span class="quiet">{{ $card->profile->model }}</span></span></p>
    @if ($slot->note)<p class="quiet">{{ $slot->note }}</p>@endif
</div>
@foreach ($open->findings as $finding)<p class="note danger">{{ $finding->text }}</p>@endforeach
@if ($card->node)
<table class="breakdown"><caption class="visually-hidden">Its node</caption><tbody>
    <tr><td>Name</td><td class="!whitespace-normal !font-sans">{{ $slot->name ?? 'none yet' }}{{ $slot->name && ! $slot->named_at ? ' (not on the device yet)' : '' }}</td></tr>
    <tr><td>Address</td><td>{{ $card->node->address }}</td></tr>
    <tr><td>Firmware</td><td>{{ $card->node->firmware ?? 'not reported' }}</td></tr>
    @if ($card->node->battery_percent !== null)<tr><td>Battery</td><td>{{ $card->node->battery_percent }} %</td></tr>@endif
    @if ($card->node->state === 'left')<tr><td colspan="2"><p class="note danger">It has left the network. Pair it again.</p></td></tr>@endif
</tbody></table>
@endif
@if ($open->isPairedByHand() && $mayWork && $bench->station === App\Stations\Station::Pair)
<div>
    <h3>Paired at its own controller</h3>
    <p class="quiet mb-2">The hub opens no window for {{ Kavvel\Core\Catalogue\Profile::protocolName($card->profile->protocol) }} over the link. Pair it there, then write down what it is called there.</p>
    <x-form :action="route('jobs.slots.hand-pairing.store', [$job, $slot])">
        <input type="hidden" name="station" value="{{ $bench->station->value }}">
        <label class="field"><span>Its address there</span><input name="address" maxlength="60" autocomplete="off" spellcheck="false" required></label>
        <button class="btn">It is in</button>
    </x-form>
</div>
@endif
<div>
    <h3 class="mb-1">Proof ladder</h3>
    <ol class="ladder">
        @foreach (Kavvel\Core\Proving\Rung::cases() as $rung)
        @php($outcome = $card->ladder->outcome($rung))
        <li>
            <div class="rung">
                <svg viewBox="0 0 26 26" aria-hidden="true"><circle class="mark-{{ match ($outcome?->value) { 'passed' => 'passed', 'failed' => 'failed', 'not-tested' => 'not', default => 'open' } }}" cx="13" cy="13" r="11"/>@if ($outcome?->value === 'passed')<path d="M8 13.5l3.5 3.5 6.5-7.5"/>@endif</svg>
                <span>{{ $rung->words() }}</span>
                <span class="end">{{ match ($outcome?->value) { 'passed' => 'shown', 'failed' => 'failed', 'not-tested' => 'not tested', default => $card->ladder->offers($rung) ? 'to show' : 'once it is in' } }}</span>
            </div>
            @if ($mayWork && $card->ladder->offers($rung) && $outcome?->value !== 'passed')
            <div class="mt-2 grid gap-2">
                @if (! $open->isLinked && $rung !== Kavvel\Core\Proving\Rung::Hand)
                    <x-form :action="route('jobs.slots.proofs.store', [$job, $slot])"><input type="hidden" name="station" value="{{ $bench->station->value }}"><input type="hidden" name="rung" value="{{ $rung->value }}"><input type="hidden" name="outcome" value="passed"><button class="btn">{{ $rung === Kavvel\Core\Proving\Rung::Radio ? 'Its controller hears it' : 'It works from its controller' }}</button></x-form>
                @elseif ($rung === Kavvel\Core\Proving\Rung::Hub && $card->profile->isActuator())
                    <x-form :action="route('jobs.slots.proof-commands.store', [$job, $slot])"><input type="hidden" name="station" value="{{ $bench->station->value }}"><button class="btn">Switch it from the hub</button></x-form>
                @elseif ($rung === Kavvel\Core\Proving\Rung::Hand)
                    <x-form :action="route('jobs.slots.proofs.store', [$job, $slot])"><input type="hidden" name="station" value="{{ $bench->station->value }}"><input type="hidden" name="rung" value="hand"><input type="hidden" name="outcome" value="passed"><button class="btn">It works by hand</button></x-form>
                @else
                    <p class="quiet">Trigger it: the rung is shown when the hub hears it.</p>
                @endif
                <details><summary>It fails, or can’t be tested</summary>
                    <x-form :action="route('jobs.slots.proofs.store', [$job, $slot])">
                        <input type="hidden" name="station" value="{{ $bench->station->value }}"><input type="hidden" name="rung" value="{{ $rung->value }}">
                        <label class="field"><span>Because</span><input name="reason" maxlength="200" required></label>
                        <div class="pair"><button class="btn" name="outcome" value="failed">It fails</button><button class="btn" name="outcome" value="not-tested">Not tested</button></div>
                    </x-form>
                </details>
            </div>
            @endif
        </li>
        @endforeach
    </ol>
</div>
@if ($card->profile->caution !== '')<p class="note">{{ $card->profile->caution }}</p>@endif
@if ($forecast?->breakdown)
@php($b = $forecast->breakdown)
<details @if ($bench->station === App\Stations\Station::Survey) open @endif><summary>Forecast to the hub: {{ Kavvel\Core\Radio\Margin::text($forecast->margin_db) }}, {{ Kavvel\Core\Radio\Margin::of($forecast->margin_db, $job->acceptance_db)->value }}</summary>
    <table class="breakdown"><caption class="visually-hidden">What the forecast is made of</caption><tbody>
        <tr><td>Sends, with both antennas</td><td>{{ sprintf('%.1f dBm', $b['txDbm'] + $b['gainsDb']) }}</td></tr>
        <tr><td>{{ sprintf('%.1f m of free space', $b['distanceM']) }}</td><td>{{ sprintf('−%.1f dB', $b['freeSpaceDb']) }}</td></tr>
        @foreach ($b['crossed'] as $crossed)<tr><td>{{ Str::ucfirst($crossed['what']) }}@if ($crossed['extrapolated']) <span class="quiet">(outside the standard’s range)</span>@endif</td><td>{{ sprintf('−%.1f dB', $crossed['lossDb']) }}</td></tr>@endforeach
        <tr><td>Furniture and people <span class="quiet">(assumed)</span></td><td>{{ sprintf('−%.1f dB', $b['clutterDb']) }}</td></tr>
        @if ($b['mountingDb'] > 0)<tr><td>Mounted {{ Kavvel\Core\Radio\Mounting::from($slot->mounting)->words() }}</td><td>{{ sprintf('−%.1f dB', $b['mountingDb']) }}</td></tr>@endif
        <tr><td>Needs at least</td><td>{{ str_replace('-', '−', sprintf('%.1f dBm', $b['sensitivityDbm'])) }}</td></tr>
        <tr class="sum"><td>Link margin</td><td>{{ str_replace('-', '−', sprintf('%.1f dB', $forecast->margin_db)) }}</td></tr>
    </tbody></table>
    <p class="quiet">{{ Kavvel\Core\Radio\Margin::of($forecast->margin_db, $job->acceptance_db)->meaning() }}</p>
    @if ($b['pessimistic'])<p class="note">A door stands near the heavy wall: the forecast is pessimistic, measure it.</p>@endif
    @if ($forecast->parent_key)<p class="quiet">Its best way leads through the {{ $bench->sheet->card($forecast->parent_key)?->slot->title() }} ({{ mb_strtolower($bench->sheet->card($forecast->parent_key)?->room ?? '') }}), at {{ Kavvel\Core\Radio\Margin::text($forecast->parent_margin_db) }}.</p>@endif
</details>
@endif
@if ($open->attempts->isNotEmpty())
<details><summary>{{ $open->attempts->count() }} {{ Str::plural('attempt', $open->attempts->count()) }} to pair it</summary>
    <ul class="rows">@foreach ($open->attempts as $attempt)<li><span>{{ $attempt->state->words() }}@if ($attempt->missing !== []), missing {{ implode(', ', $attempt->missing) }}@endif</span><span class="end quiet">{{ $attempt->started_at->onSite()->format('j M, H:i') }}{{ $attempt->ended_at ? ', '.(int) $attempt->started_at->diffInSeconds($attempt->ended_at).' s' : '' }}</span></li>@endforeach</ul>
</details>
@endif
@can('seeSecrets', $job)
<details><summary>Codes</summary>
    @foreach ($open->credentials as $credential)
    <x-form :action="route('jobs.slots.credentials.show', [$job, $slot, $credential->id])" to="#drawer" class="mb-2"><button class="btn plain">Show: {{ $credential->label }}</button></x-form>
    @endforeach
    <p class="quiet mb-2">Showing a code is written into the logbook. Codes never go into the pack.</p>
    <x-form :action="route('jobs.slots.credentials.store', [$job, $slot])">
        <input type="hidden" name="station" value="{{ $bench->station->value }}">
        <label class="field"><span>What it is for</span><input name="label" maxlength="120" required></label>
        <label class="field"><span>Code from the sticker</span><input name="secret" maxlength="512" autocomplete="off" spellcheck="false" required></label>
        <button class="btn">Store the code</button>
    </x-form>
</details>
@endcan
@if ($mayWork)
<details id="edit-slot"><summary>Change the plan here</summary>
    <x-form :action="route('jobs.slots.update', [$job, $slot])" method="put">
        <input type="hidden" name="lock_version" value="{{ $slot->lock_version }}"><input type="hidden" name="station" value="{{ $bench->station->value }}">
        @include('slots.fields', ['values' => ['place' => $slot->place, 'what' => $slot->what, 'room' => $bench->sheet->geometry->rooms[$slot->room_id]['key'], 'profile' => $card->profile->key, 'x' => $slot->x, 'y' => $slot->y, 'height' => round($slot->z - $bench->sheet->geometry->storeyOfRoom($slot->room_id)['elevation'], 2), 'mounting' => $slot->mounting, 'feed' => $slot->feed, 'note' => $slot->note], 'profiles' => App\JobSheet\Catalogue::of($job->region)])
        <button class="btn">Save the change</button>
    </x-form>
    @if ($card->node)
    <x-form :action="route('jobs.slots.node.destroy', [$job, $slot])" method="delete" class="mt-2"><button class="btn plain">Take its node away</button></x-form>
    @else
    <x-form :action="route('jobs.slots.destroy', [$job, $slot])" method="delete" class="mt-2"><button class="btn plain">Remove it from the plan</button></x-form>
    @endif
</details>
@endif
