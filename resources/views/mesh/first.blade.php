<div>
    <p class="over"><span>Next move</span></p>
    @if ($protocol === null)
    <h2>No hub that reads a mesh is linked</h2>
    <p class="why">There is nobody to ask who hears whom. The forecasts of the survey are all there is.</p>
    @else
    <h2>Ask the hub who hears whom</h2>
    <p class="why">{{ $in }} {{ $protocol->title() }} devices are in. Close the doors first: with open doors the links look better than
        they are.</p>
    @endif
</div>
@include('mesh.progress')
@if ($protocol === null)
<div class="thumb"><a class="big" id="big" data-move="to-survey" data-key="n"
    href="{{ route('jobs.survey', $job) }}">To the forecasts</a></div>
@else
    @include('mesh.read', ['words' => 'Read the mesh'])
@endif
