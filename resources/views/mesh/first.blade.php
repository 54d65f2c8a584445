<div>
    <p class="over"><span>Next move</span></p>
    <h2>Ask the hub who hears whom</h2>
    <p class="why">{{ $in }} Zigbee devices are in. Close the doors first: a survey with open doors flatters the links.</p>
</div>
@include('mesh.progress')
@if ($bench->mayWork())
<div class="thumb">@if ($running)<button class="big" data-move="surveying" disabled>The hub asks around</button>@else
<x-form :action="route('jobs.radio-surveys.store', $job)"><button class="big" data-move="survey" data-key="n">Survey the mesh</button></x-form>@endif</div>
@endif
