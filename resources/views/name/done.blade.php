<div>
    <p class="over"><span>Next move</span></p>
    @if ($target !== null)
        <h2>The {{ $target->slot->title() }} is not in yet</h2>
        <x-tally :tally="$bench->tally()"/>
        <p class="why">A name is written to the device, so it has to be paired first.</p>
    @else
        <h2>Everything that is in has its name</h2>
        <x-tally :tally="$bench->tally()"/>
        <p class="why">Look at the links next.</p>
    @endif
</div>
<div class="thumb"><a class="big" id="big" data-move="from-name" data-key="n"
    href="{{ $target === null ? route('jobs.mesh', $job) : route('jobs.pair', [$job, 'next' => $target->key()]) }}">{{ $target === null
        ? 'On to the mesh' : 'Pair it' }}</a></div>
@if ($conflicts !== [])
<div><h3>Names that could be mixed up</h3>
    <ul class="rows">@foreach ($conflicts as $conflict)<li>{{ $conflict->why }}</li>@endforeach</ul></div>
@endif
