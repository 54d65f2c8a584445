@use('Kavvel\Core\Pairing\PairPhase')
@php($isOpenNow = $phase === PairPhase::Excluding && $window->state === 'open')
<p class="note">It is taken out first of whatever network it is in: any controller of its region can do that.</p>
@if ($phase === PairPhase::Excluding && ($window->listed ?? 0) > 0)
<p class="note danger">{{ $window->listed === 1 ? 'One device stands' : "{$window->listed} devices stand" }} on the hub’s SmartStart
    list, and the key of this one is not known. If it is on it, it joins again by itself: store its code first, and the list is put
    right.</p>
@endif
<ol class="rows steps">
    <li class="{{ $isOpenNow ? 'is-done' : 'is-current' }}"><span class="n">1</span><span>Open the exclusion window</span>
        @if ($isOpenNow && $secondsLeft !== null)
        <span class="end measure" data-seconds-left="{{ $secondsLeft }}">{{ sprintf('%d:%02d left', intdiv($secondsLeft, 60),
            $secondsLeft % 60) }}</span>
        @endif
    </li>
    @foreach ($recipe->leave ?? [] as $step)
    <li class="{{ $isOpenNow ? 'is-current' : '' }}"><span class="n">{{ $loop->iteration + 1 }}</span><span>{{ $step->sentence() }}
        @if ($step->tool()) <span class="quiet">(tool: {{ $step->tool() }})</span>@endif</span></li>
    @endforeach
    <li><span class="n">{{ count($recipe->leave ?? []) + 2 }}</span><span>The hub says that it has left</span></li>
</ol>
