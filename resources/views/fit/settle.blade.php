@use('Kavvel\Core\Fit\FitCode')
@php($change = fn (string $what): string => route('jobs.slots.fit-changes.store', [$job, $key]))
@foreach ($slot->boxFit->findings ?? [] as $finding)
<div class="note {{ $finding->code->isStop() ? 'danger' : '' }}">
    <strong>{{ $finding->why }}</strong><br>{{ $finding->change }}
</div>
@endforeach
@if ($slot->core->isOnWrongSide)
<p class="note">{{ $slot->fit->twoWayTest()->words() }} Its sheet wants {{ $slot->sheet()->twoWay->words() }}: put it into the other box of
    this circuit.</p>
@endif
@if ($mayWork)
@php($acts = array_values(array_filter([
    $slot->boxFit?->has(FitCode::TooDeep) ? ['spacer', "A spacer of {$slot->boxFit->spacerMm()} mm goes on"] : null,
    $slot->boxFit?->has(FitCode::UnderLeastLoad) ? ['bypass', 'A bypass goes to the lamp'] : null,
    $slot->boxFit?->has(FitCode::TryDimming) ? ['dims', 'Tried: they dim'] : null,
    $slot->boxFit?->has(FitCode::TryDimming) ? ['does-not-dim', 'Tried: they do not dim'] : null,
])))
@php($isStopped = $slot->boxFit?->verdict() === Kavvel\Core\Fit\FitVerdict::DoesNotFit)
@if ($isStopped)
    @include('fit.alternatives')
@endif
@foreach ($acts as [$what, $words])
<x-form :action="route('jobs.slots.fit-changes.store', [$job, $key])" class="holds-thumb">
    <input type="hidden" name="change" value="{{ $what }}">
    @if ($loop->first && ! $isStopped)
    <div class="thumb"><button class="big" id="big" data-move="{{ $what }}-{{ $key }}" data-key="n">{{ $words }}</button></div>
    @else
    <button class="btn">{{ $words }}</button>
    @endif
</x-form>
@endforeach
@if ($slot->core->isOnWrongSide)
<div class="thumb"><a class="big" id="big" data-move="side-{{ $key }}" data-key="n"
    href="{{ $bench->url(['slot' => $key, 'lens' => 'plan']) }}">Change its place on the plan</a></div>
<x-form :action="route('jobs.slots.two-way.destroy', [$job, $key])" method="delete">
    <button class="btn plain">It is in the other box now, or was read wrongly: read again</button>
</x-form>
@endif
@include('fit.loads')
@include('fit.box-again')
@include('fit.circuit-again')
@endif
