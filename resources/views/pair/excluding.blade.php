@use('Kavvel\Core\Pairing\PairPhase')
@php($isOpenNow = $phase === PairPhase::Excluding && $window->state === 'open')
<p class="note">It is taken out first of whatever network it is in: any controller of its region can do that.</p>
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
