@if ($bench->mayWork())
<div class="thumb">
    @if ($running)
    <button class="big" id="big" data-move="reading" type="button" aria-disabled="true">The hub asks around</button>
    @elseif ($waits)
    <button class="big" id="big" data-move="waits" type="button" aria-disabled="true">Waits for the hub</button>
    @else
    <x-form :action="route('jobs.mesh-readings.store', $job)">
        <button class="big" id="big" data-move="read" data-key="n">{{ $words }}</button></x-form>
    @endif
</div>
@endif
