@php($next = $elsewhere[0] ?? null)
<div>
    <p class="over"><span>Next move</span></p>
    @if ($next === null)
    <h2>Every device is in</h2>
    <p class="why">Give them their names, then look at the links.</p>
    @else
    <h2>Pair the {{ $next->slot->title() }} at its own controller</h2>
    <p class="why">{{ $next->where() }}. {{ $bench->sheet->gateway?->url === null ? 'No gateway is linked to this job.' : 'Every device that the hub can pair is in.' }} Pair this one where its radio is, then write down its address.</p>
    @endif
</div>
<div class="thumb">
    @if ($next === null)<a class="big" id="big" data-move="to-name" data-key="n" href="{{ route('jobs.name', $job) }}">On to names</a>
    @else<a class="big" id="big" data-move="by-hand-{{ $next->key() }}" data-key="n" href="{{ $bench->url(['slot' => $next->key(), 'storey' => null]) }}" data-opens-slot>Open it</a>@endif
</div>
@if ($next !== null)<a class="btn" href="{{ route('jobs.name', $job) }}">On to names</a>@endif
@include('pair.elsewhere', ['isAll' => true])
