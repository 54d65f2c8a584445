@use('Kavvel\Core\Closing\PointStep')
@php($steps = $closings->steps[$point->point] ?? [])
@php($next = $point->next())
@php($holding = $closings->holding($point))
<a class="btn plain !justify-start" href="{{ $link(null) }}" data-key="n">← All closings</a>
<div>
    <p class="over"><span>{{ $closings->plan->room($point->room)->name }}</span><span>{{ $closings->plan->thing('points', $point->point)
        ->name }}</span></p>
    <h2 class="measure">{{ $point->label }}</h2>
    @if ($point->isStale())
    <p class="why">Another trade worked in the room after it was checked: check it again.</p>
    @elseif ($holding !== null)
    <p class="why">Ready. What is left comes once {{ $holding->closing->name }} is closed.</p>
    @endif
</div>
@if ($holding !== null)
<div class="thumb"><a class="big" id="big" data-move="closing-{{ $holding->closing->key }}"
    href="{{ $link("closing {$holding->closing->key}") }}">Look at {{ $holding->closing->name }}</a></div>
@elseif ($mayWork && $next !== null)
<x-form :action="route('jobs.point-steps.store', $job)" enctype="multipart/form-data">
    <input type="hidden" name="point" value="{{ $point->point }}"><input type="hidden" name="step" value="{{ $next->value }}">
    <label class="field"><span>{{ $next === PointStep::Photographed ? 'The photograph' : 'A photograph, where it shows something'
        }}</span><input type="file" name="picture" accept="image/jpeg,image/png" @required($next === PointStep::Photographed)></label>
    <div class="thumb"><button class="big" id="big" data-move="step-{{ $next->value }}-{{ $point->point }}"
        data-key="n">{{ $next->words() }}</button></div>
</x-form>
@endif
<ul class="rows">
    @foreach (PointStep::cases() as $step)
    @php($done = $steps[$step->value] ?? null)
    <li><span>{{ $step->words() }}<br><span class="quiet">{{ match (true) {
        $done === null => $step->isBeforeClosing() ? 'before it closes' : 'after it is closed',
        ! $point->isDone($step) => 'stale: '.$done->at->onSite()->format('j M, H:i'),
        default => "{$done->by}, ".$done->at->onSite()->format('j M, H:i'),
    } }}</span></span>
        @if ($done?->picture !== null)
        <a class="end" href="{{ route('jobs.point-steps.show', [$job, $done->id]) }}" hx-boost="false" target="_blank"
            rel="noopener">See it</a>
        @endif
        @if ($done !== null && $mayWork)
        <x-form :action="route('jobs.point-steps.destroy', $job)" method="delete" class="@if ($done->picture === null) end @endif">
            <input type="hidden" name="point" value="{{ $point->point }}"><input type="hidden" name="step" value="{{ $step->value }}">
            <button class="btn small plain" aria-label="Take back: {{ $step->words() }}">×</button>
        </x-form>
        @endif
    </li>
    @endforeach
</ul>
