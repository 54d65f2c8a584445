@if ($bench->mayWork())
<div class="thumb">
    @if ($running)
    <button class="big" id="big" data-move="reading" type="button" aria-disabled="true">The hub asks around</button>
    @elseif ($remedy?->slot !== null)
    <a class="big" id="big" data-move="pair-{{ $remedy->slot }}" data-key="n"
        href="{{ route('jobs.pair', [$job, 'next' => $remedy->slot]) }}">Go and pair it</a>
    @elseif ($remedy !== null)
    <x-form :action="route('jobs.relays.store', $job)">
        <input type="hidden" name="protocol" value="{{ $reading->protocol->value }}">
        <input type="hidden" name="point" value="{{ $remedy->point }}">
        <button class="big" id="big" data-move="relay-{{ $remedy->point }}" data-key="n">Add it to the work</button>
    </x-form>
    @elseif ($worst === null && $nextRadio !== null)
    <a class="big" id="big" data-move="to-{{ $nextRadio->protocol->value }}" data-key="n"
        href="{{ route('jobs.mesh', [$job, 'lens' => $nextRadio->protocol->value]) }}">On to {{ $nextRadio->protocol->title() }}</a>
    @elseif ($worst === null)
    <a class="big" id="big" data-move="to-bridge" data-key="n" href="{{ route('jobs.bridge', $job) }}">On to the bridges</a>
    @else
    <a class="big" id="big" data-move="to-pair" data-key="n" href="{{ route('jobs.pair', $job) }}">On with pairing</a>
    @endif
</div>
@if (! $running && ! $waits)
<x-form :action="route('jobs.mesh-readings.store', $job)">
    <input type="hidden" name="protocol" value="{{ $radio->protocol->value }}">
    <button class="btn w-full">Read again</button></x-form>
@endif
@endif
