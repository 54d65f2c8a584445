@php($isMesh = $radio?->protocol->rules()->routes() !== null)
<div>
    <p class="over"><span>Next move</span></p>
    @if ($radio === null || $radio->hub === null)
    <h2>{{ count($bench->move->lenses) < 2 ? 'No hub that reads a mesh is linked'
        : "No hub reads {$radio->protocol->title()} over a link" }}</h2>
    <p class="why">There is nobody to ask who hears whom. The forecasts of the survey are all there is.</p>
    @elseif ($radio->in === 0)
    <h2>No {{ $radio->protocol->title() }} device is in yet</h2>
    <p class="why">There is nothing to read: pair them first.</p>
    @else
    <h2>Ask the hub who hears whom</h2>
    <p class="why">{{ $radio->in === 1 ? "One {$radio->protocol->title()} device is"
        : "{$radio->in} {$radio->protocol->title()} devices are" }} in. Close the doors first: with open doors the links look better than
        they are.</p>
    @endif
</div>
@include('mesh.progress')
@if ($radio === null || $radio->hub === null)
<div class="thumb"><a class="big" id="big" data-move="to-survey" data-key="n"
    href="{{ route('jobs.survey', $job) }}">To the forecasts</a></div>
@elseif ($radio->in === 0)
<div class="thumb"><a class="big" id="big" data-move="to-pair" data-key="n"
    href="{{ route('jobs.pair', $job) }}">On with pairing</a></div>
@else
    @include('mesh.read', ['words' => $isMesh ? 'Read the mesh' : 'Read its links'])
@endif
@includeWhen($radio !== null, 'mesh.files')
