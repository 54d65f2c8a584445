@use('Kavvel\Core\Fit\WorkStep')
@php($isAfter = $step === WorkStep::DetectorAfter)
@foreach (['works' => 'It shows the known source', 'fails' => 'It shows nothing'] as $detector => $words)
<x-form :action="$act()" class="holds-thumb">
    <input type="hidden" name="act" value="{{ $step->value }}"><input type="hidden" name="slot" value="{{ $key }}">
    <input type="hidden" name="detector" value="{{ $detector }}">
    @if ($loop->first)
    <div class="thumb"><button class="big" id="big" data-move="{{ $step->value }}-{{ $key }}" data-key="n">{{ $words }}</button></div>
    @else
    <button class="btn">{{ $words }}</button>
    @endif
</x-form>
@endforeach
@if ($box?->before === Kavvel\Core\Fit\Detector::Fails)
<p class="note danger" role="status">It showed nothing on the known source: take another detector.</p>
@elseif ($isAfter)
<p class="quiet">Where it shows nothing now, no reading before it counts: all of them once more, with another detector.</p>
@endif
