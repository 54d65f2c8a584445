@php($likely = $wall->likely($slot))
@if ($wall->circuits === [])
<p class="why">No circuit is noted yet: read them off the board first.</p>
<div class="thumb"><a class="big" id="big" data-move="to-circuits" data-key="n"
    href="{{ route('jobs.survey', [$job, 'lens' => 'circuits']) }}">To the circuits</a></div>
@elseif ($mayWork)
@if ($likely !== null)
<p class="why">Its room is on “{{ $likely->label }}”. The board knows better: switch off, and see what goes out.</p>
<x-form :action="route('jobs.slots.circuit.update', [$job, $key])" method="put" class="holds-thumb">
    <input type="hidden" name="circuit" value="{{ $likely->key }}">
    <div class="thumb"><button class="big" id="big" data-move="circuit-{{ $key }}" data-key="n">{{ $likely->label }}</button></div>
</x-form>
@endif
@include('fit.circuit-choice', ['but' => $likely?->key])
<a class="btn plain" href="{{ route('jobs.survey', [$job, 'lens' => 'circuits']) }}">It is none of these: note it</a>
@endif
