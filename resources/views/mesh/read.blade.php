@if ($bench->mayWork())
<div class="thumb">
    @if ($waits)
    <button class="big" id="big" data-move="waits" type="button" aria-disabled="true">Waits for the hub</button>
    @elseif ($running)
    <button class="big" id="big" data-move="reading" type="button" aria-disabled="true">The hub asks around</button>
    @else
    <x-form :action="route('jobs.mesh-readings.store', $job)">
        <input type="hidden" name="protocol" value="{{ $radio->protocol->value }}">
        <button class="big" id="big" data-move="read" data-key="n">{{ $words }}</button></x-form>
    @endif
</div>
@endif
