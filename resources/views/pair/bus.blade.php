@php($mayWork = $bench->mayWork())
@php($open = count(array_filter($wired->points, fn ($one) => ! $one['point']->heard->point->isComplete())))
@php($proved = count(array_filter($wired->points, fn ($one) => $one['point']->heard->isProved())))
@php($many = count($wired->points))
<div id="pair-bus" data-keeps-scroll tabindex="0" role="group" aria-label="Wired bus" class="fit-middle">
<div>
    <h2 class="text-xl font-bold">Wired bus</h2>
    <p class="quiet">{{ match (true) {
        $many === 0 => 'The addresses of its project, as a table: what belongs together by its name becomes one control point.',
        $open === 0 => "{$many} control points, all of them whole; {$proved} of them proved.",
        $open === 1 => "{$many} control points, one of them lacks something; {$proved} proved.",
        default => "{$many} control points, {$open} of them lack something; {$proved} proved.",
    } }}</p>
</div>
@includeWhen($many > 0, 'pair.bus-heard')
@if ($many > 0)
<ul class="rows bus-points">
    @foreach ($wired->points as ['point' => $bus, 'card' => $card])
    @php($point = $bus->heard->point)
    <li class="{{ match (true) {
        $bus->heard->isProved() => 'is-proved',
        $bus->heard->findings() !== [] => 'is-lacking',
        default => '',
    } }}">
        <div class="tray-what"><strong>{{ $point->name }}</strong>
            <span class="quiet">{{ $bus->heard->isProved() ? "{$point->template->value}, proved" : $point->template->value }}</span></div>
        <div class="bus-addresses">
            @foreach ($point->entries as $entry)
            @php($said = $bus->heard->said($entry))
            <span class="bus-address"><span class="measure">{{ $entry->address->text }}</span>
                <span>{{ $entry->function?->words() ?? 'not understood' }}</span>
                <span class="quiet">{{ $said === null ? 'not heard yet' : "“{$said->value}”, ".$wired->time($said) }}</span></span>
            @endforeach
            @foreach ($bus->heard->findings() as $finding)
            <span class="bus-finding">{{ $finding }}</span>
            @endforeach
            @if ($bus->refused() !== null)
            <span class="bus-finding" role="status">It was not said. {{ $bus->refused() }}</span>
            @endif
            @if ($mayWork && $wired->bus->isListening() && $point->isSwitched())
            <x-form :action="route('jobs.bus.telegrams.store', $job)" class="bus-try">
                <input type="hidden" name="point" value="{{ $point->name }}">
                <button class="btn small" name="value" value="on" aria-label="Switch on: {{ $point->name }}">Switch on</button>
                <button class="btn small" name="value" value="off" aria-label="Switch off: {{ $point->name }}">Switch off</button>
            </x-form>
            @endif
        </div>
        @if ($mayWork && $wired->devices !== [] && $card?->isIn() !== true)
        <x-form :action="route('jobs.bus.update', $job)" method="put" class="tray-whose">
            <input type="hidden" name="point" value="{{ $point->name }}">
            <label class="visually-hidden" for="bus-{{ $loop->iteration }}">Which planned device {{ $point->name }} is</label>
            <select id="bus-{{ $loop->iteration }}" name="slot"><option value="">no planned device</option>
                @foreach ($wired->devices as $device)
                <option value="{{ $device->key() }}" @selected($card?->key() === $device->key())>{{ $device->fullTitle() }}</option>
                @endforeach
            </select>
            <button class="btn small" aria-label="That is {{ $point->name }}">That is it</button>
        </x-form>
        @elseif ($card !== null)
        <span>{{ $card->fullTitle() }}{{ $card->isIn() ? ', it is in' : '' }}</span>
        @endif
    </li>
    @endforeach
</ul>
@endif
@if ($mayWork)
<x-form :action="route('jobs.bus.store', $job)" enctype="multipart/form-data" class="bus-entry">
    <label class="field"><span>{{ $many === 0 ? 'Group addresses (CSV: address, name)' : 'A newer project takes its place' }}</span>
        <input type="file" name="table" accept=".csv,.txt"></label>
    <button class="btn small">Take it in</button>
</x-form>
@endif
</div>
