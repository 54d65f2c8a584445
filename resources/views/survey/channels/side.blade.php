@use('Kavvel\Core\Radio\ChannelAdvice')
@php($mayWork = $bench->mayWork())
@php($dbm = fn (float $value): string => str_replace('-', '−', (string) round($value)).' dBm')
@if (count($networks) > 1)
<nav class="keys tight" aria-label="Network">
    @foreach ($networks as $one)
    <a href="{{ $bench->url(['at' => $one->protocol->value]) }}" @if ($one === $network) aria-current="true"
        @endif>{{ $one->protocol->title() }}</a>
    @endforeach
</nav>
@endif
<div>
    <p class="over"><span>{{ $network === null ? 'Channels at 2.4 GHz' : $network->protocol->title().' channel' }}</span>
        @if ($network?->channel_chosen_at !== null)<span>chosen {{ $network->channel_chosen_at->onSite()->format('j M') }}</span>@endif</p>
    @if ($network === null && $sheet->hubs !== [])
        <h2>Say what the hub speaks</h2>
        <p class="why">Its box says it. As long as nobody has said that it speaks Zigbee or Thread there is no channel to choose.</p>
    @elseif ($network === null)
        <h2>Put a hub on the plan</h2>
        <p class="why">No hub of this job speaks Zigbee or Thread yet, so there is no channel to choose.</p>
    @elseif ($heard === [])
        <h2>Listen for Wi-Fi</h2>
        <p class="why">Nothing was heard yet. Walk the rooms with the phone’s list of networks, and note what you see.</p>
    @elseif ($view->advice === ChannelAdvice::Take)
        <h2>Take channel {{ $view->best->channel }}</h2>
        <p class="why">{{ $dbm($view->best->interferenceDbm) }} of Wi-Fi falls into it, the least that can be had.</p>
    @elseif ($view->advice === ChannelAdvice::Keep)
        <h2>Keep channel {{ $network->channel }}</h2>
        <p class="why">{{ $dbm($view->now->interferenceDbm) }} of Wi-Fi falls into it. The quietest, {{ $view->best->channel }}, has
            {{ $dbm($view->best->interferenceDbm) }}:
                {{ $view->in > 0 ? 'not enough for the work of changing it' : 'no difference worth a change' }}.</p>
    @else
        <h2>Change to channel {{ $view->best->channel }}</h2>
        <p class="why">{{ $view->now->tooNear === null ? $dbm($view->now->interferenceDbm).' of Wi-Fi falls into channel '.$network->channel
            : 'Channel '.$network->channel.' is too near to our own on '.$view->now->tooNear }}; into {{ $view->best->channel }},
            {{ $dbm($view->best->interferenceDbm) }}.</p>
    @endif
</div>
@if ($network === null && $mayWork)
@foreach ($sheet->hubs as $hub)
@include('survey.hub-radios', ['lens' => 'channels', 'isNext' => $loop->first])
@endforeach
@endif
@if ($network !== null && $heard !== [] && $mayWork)
@if ($view->advice !== ChannelAdvice::Keep)
<x-form :action="route('jobs.channels.update', [$job, $network->id])" method="put">
    <input type="hidden" name="channel" value="{{ $view->best->channel }}"><input type="hidden" name="seen" value="{{ $network->channel }}">
    <div class="thumb"><button class="big" id="big" data-move="channel-{{ $view->best->channel }}"
        data-key="n">Choose channel {{ $view->best->channel }}</button></div>
</x-form>
@endif
@if ($view->in > 0)
<p class="note"><strong>{{ $view->in === 1 ? 'One device is' : $view->in.' devices are' }} in and must follow,</strong>
    {{ $view->sleepy }} of them on batteries: those may have to be paired anew.</p>
@endif
<p class="quiet">It is written down here; it is set at the hub itself.</p>
@if ($view->contended !== [])
<div>
    <h3>Contended on channel {{ $view->now->channel }}</h3>
    <p class="quiet">A busy network drowns their forecast link:
        {{ implode('; ', array_map(fn ($card) => mb_strtolower($card->fullTitle()), array_slice($view->contended, 0, 6))) }}{{
            count($view->contended) > 6 ? '; and '.(count($view->contended) - 6).' more' : '' }}.</p>
</div>
@endif
<details id="ranking"><summary>All sixteen, the quietest first</summary>
    <ul class="rows">
        @foreach ($view->ranking as $one)
        <li><span>Channel {{ $one->channel }}</span><span class="quiet">{{ match (true) {
            $one->tooNear !== null => "too near our channel {$one->tooNear}",
            $one->channel === 26 => 'many devices transmit weakly here',
            default => '',
        } }}</span><span class="end measure">{{ $dbm($one->interferenceDbm) }}</span>
            @if ($one->channel !== $network->channel)
            <x-form :action="route('jobs.channels.update', [$job, $network->id])" method="put">
                <input type="hidden" name="channel" value="{{ $one->channel }}"><input type="hidden" name="seen"
                    value="{{ $network->channel }}">
                <button class="btn small" aria-label="Choose channel {{ $one->channel }}">Choose</button>
            </x-form>
            @endif
        </li>
        @endforeach
    </ul>
</details>
@endif
@if ($mayWork)
<details id="hear" @if ($heard === []) open @endif><summary>Note a network</summary>
<x-form :action="route('jobs.heard-networks.store', $job)">
    <label class="field"><span>Name</span><input name="network" maxlength="80" required></label>
    <div class="three">
        <label class="field"><span>Channel</span><input name="wifi_channel" inputmode="numeric" required></label>
        <label class="field"><span>dBm</span><input name="rssi" placeholder="-61" maxlength="8" required></label>
        <label class="field"><span>Busy, %</span><input name="busy" placeholder="50" maxlength="8"></label>
    </div>
    <div class="three">
        <label class="field"><span>Width</span><select name="wifi_width"><option>20</option><option>40</option></select></label>
        <label class="field"><span>Its other half</span><select name="side"><option value="">not known</option><option
            value="above">above</option>
            <option value="below">below</option></select></label>
        <label class="field"><span>Heard in</span><select name="room"><option value="">anywhere</option>
            @foreach ($sheet->geometry->rooms as $room)
            <option value="{{ $room['key'] }}">{{ $sheet->geometry->roomTitle($room) }}</option>
            @endforeach
        </select></label>
    </div>
    <button class="btn">Note it</button>
</x-form></details>
<details id="hear-table"><summary>Take networks in from a table</summary>
<p class="quiet mb-2">A CSV file with the columns name, channel, rssi; and, if you like, busy, width, side, room.</p>
<x-form :action="route('jobs.heard-networks.store', $job)" enctype="multipart/form-data">
    <input type="hidden" name="is_table" value="1">
    <label class="field"><span>File</span><input type="file" name="table" accept=".csv,.txt,text/csv" required></label>
    <button class="btn">Take them in</button>
</x-form></details>
@endif
@if ($heard !== [])
<div>
    <h3>Heard, {{ count($heard) }}</h3>
    <ul class="rows">
        @foreach ($heard as $number => $one)
        <li><span class="heard-number">{{ $number + 1 }}</span>
            <span>{{ $one->name }}<br><span class="quiet">channel {{ $one->channel }}, {{ $dbm($one->rssi_dbm) }}, busy
                {{ round($one->busy * 100) }} %@if ($one->room !== null), {{ mb_strtolower($one->room->name) }}@endif</span></span>
            @if ($mayWork)
            <x-form :action="route('jobs.heard-networks.destroy', [$job, $one->key])" method="delete" class="end">
                <button class="btn small plain" aria-label="Take {{ $one->name }} off">×</button>
            </x-form>
            @endif
        </li>
        @endforeach
    </ul>
</div>
@endif
