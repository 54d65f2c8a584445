@php($isLinked = $bench->sheet->gateway?->url !== null)
<div>
    <p class="over"><span>Next move</span></p>
    @if (! $isLinked)
    <h2>No gateway is linked to this job</h2>
    <p class="why">There is nobody to ask who hears whom. The forecasts of the survey are all there is.</p>
    @else
    <h2>Ask the hub who hears whom</h2>
    <p class="why">{{ $in }} Zigbee devices are in. Close the doors first: a survey with open doors flatters the links.</p>
    @endif
</div>
@include('mesh.progress')
@if (! $isLinked)
<div class="thumb"><a class="big" id="big" data-move="to-survey" data-key="n" href="{{ route('jobs.survey', $job) }}">To the forecasts</a></div>
@elseif ($bench->mayWork())
<div class="thumb">@if ($running)<button class="big" id="big" data-move="surveying" type="button" aria-disabled="true">The hub asks around</button>@else
<x-form :action="route('jobs.radio-surveys.store', $job)"><button class="big" id="big" data-move="survey" data-key="n">Survey the mesh</button></x-form>@endif</div>
@endif
