@php($mayWork = $bench->mayWork())
@php($open = count(array_filter($points, fn ($one) => ! $one['point']->isComplete())))
<div id="pair-bus" data-keeps-scroll tabindex="0" role="group" aria-label="Wired bus" class="fit-middle">
<div>
    <h2 class="text-xl font-bold">Wired bus</h2>
    <p class="quiet">{{ match (true) {
        $points === [] => 'The addresses of its project, as a table: what belongs together by its name becomes one control point.',
        $open === 0 => count($points).' control points, all of them whole.',
        $open === 1 => count($points).' control points, one of them lacks something.',
        default => count($points)." control points, {$open} of them lack something.",
    } }}</p>
</div>
@if ($mayWork)
<x-form :action="route('jobs.bus.store', $job)" enctype="multipart/form-data" class="bus-entry">
    <label class="field"><span>{{ $points === [] ? 'Group addresses (CSV: address, name)' : 'A newer project takes its place' }}</span>
        <input type="file" name="table" accept=".csv,.txt"></label>
    <button class="btn small">Take it in</button>
</x-form>
@endif
@if ($points !== [])
<ul class="rows bus-points">
    @foreach ($points as ['point' => $point, 'card' => $card])
    <li class="{{ $point->isComplete() ? '' : 'is-lacking' }}">
        <div class="tray-what"><strong>{{ $point->name }}</strong><span class="quiet">{{ $point->template->value }}</span></div>
        <div class="bus-addresses">
            @foreach ($point->entries as $entry)
            <span><span class="measure">{{ $entry->address->text }}</span> {{ $entry->function?->words() ?? 'not understood' }}</span>
            @endforeach
            @foreach ($point->findings() as $finding)
            <span class="bus-finding">{{ $finding }}</span>
            @endforeach
        </div>
        @if ($mayWork && $devices !== [])
        <x-form :action="route('jobs.bus.update', $job)" method="put" class="tray-whose">
            <input type="hidden" name="point" value="{{ $point->name }}">
            <label class="visually-hidden" for="bus-{{ $loop->iteration }}">Which planned device {{ $point->name }} is</label>
            <select id="bus-{{ $loop->iteration }}" name="slot"><option value="">no planned device</option>
                @foreach ($devices as $device)
                <option value="{{ $device->key() }}" @selected($card?->key() === $device->key())>{{ $device->fullTitle() }}</option>
                @endforeach
            </select>
            <button class="btn small" aria-label="That is {{ $point->name }}">That is it</button>
        </x-form>
        @elseif ($card !== null)
        <span>{{ $card->fullTitle() }}</span>
        @endif
    </li>
    @endforeach
</ul>
@endif
</div>
