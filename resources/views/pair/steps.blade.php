@use('Kavvel\Core\Pairing\PairPhase')
@use('Kavvel\Core\Pairing\Light')
@php($isIdle = $phase === PairPhase::Idle)
@php($seen = $attempt?->light === Light::Seen)
@php($isWaiting = $phase === PairPhase::Waiting)
@php($isReady = $heard || ($isWaiting && $seen))
@php($n = 0)
<ol class="rows steps">
    @if ($target->feed())
    <li class="{{ $isOpen || $heard ? 'is-done' : ($isIdle ? 'is-current' : '') }}"><span
        class="n">{{ ++$n }}</span><span>Power on at {{ $target->feed() }}</span></li>
    @endif
    @foreach ($recipe->needs ?? [] as $need)
    <li><span class="n">{{ ++$n }}</span><span>{{ $need }}</span></li>
    @endforeach
    @if ($target->profile->codeSheet !== null && ! $asksForCode)
    <li class="{{ $codes->need->isHere() ? 'is-done' : '' }}"><span
        class="n">{{ ++$n }}</span><span>{{ $codes->need->isHere() ? 'Its '.$target->profile->codeSheet->family->words().' is here'
            : 'Scan or type its '.$target->profile->codeSheet->family->words() }}</span></li>
    @endif
    <li class="{{ $isOpen ? 'is-done' : ($isIdle && ($target->feed() || $codes->need->isFirst()) ? '' : 'is-current') }}"><span
        class="n">{{ ++$n }}</span><span>Open the join window</span>
        @if ($secondsLeft !== null && $isOpen)
        <span class="end measure" data-seconds-left="{{ $secondsLeft }}">{{ sprintf('%d:%02d left', intdiv($secondsLeft, 60),
            $secondsLeft % 60) }}</span>
        @endif
    </li>
    @foreach ($recipe->join ?? [] as $step)
    @continue (! $step->isGesture())
    <li class="{{ $isReady ? 'is-done' : ($isWaiting ? 'is-current' : '') }}"><span class="n">{{ ++$n }}</span>
        <span class="step-what"><span>{{ $step->sentence() }}
        @if ($step->tool()) <span class="quiet">(tool: {{ $step->tool() }})</span>@endif
        @if ($step->isShort() && isset($recipe->signs['held'])) <span class="quiet">Short: held, it does something else.</span>@endif
        @if ($step->afterwards()) <span class="quiet">{{ Str::ucfirst($step->afterwards()) }}.</span>@endif</span>
        @if ($isWaiting && ! $isReady)
        <x-gesture :step="$step"/>
        @endif
        </span></li>
    @endforeach
    <li class="{{ $heard || ($seen && $isOpen) ? 'is-done' : '' }}"><span class="n">{{ ++$n }}</span>
        <span>{{ Str::ucfirst($recipe->light ?? 'its light shows that it waits') }}</span>
        @if ($recipe !== null && ! $heard)
        <span class="end"><x-light-sign :sign="$recipe->sign"/></span>
        @endif
    </li>
</ol>
<ol class="stages" aria-label="What the hub does">
    @foreach ($path->stages as $stage)
    @php($isNow = $phase->value === $stage->value || ($loop->first && $isWaiting && $seen))
    <li class="{{ $phase === PairPhase::Offer || ($attempt !== null && $isOpen && $path->isPast($stage, $attempt->state)) ? 'is-done'
        : ($isNow ? 'is-current' : '') }}"><span>{{ $path->words($stage) }}</span>
        @if ($isNow && $phase === PairPhase::Interviewing)
        <span class="measure">{{ $attempt->interview_done }} of {{ $attempt->interview_total }}</span>
        @endif
    </li>
    @endforeach
</ol>
@if ($phase === PairPhase::Interviewing)
<svg class="gauge" viewBox="0 0 100 4" preserveAspectRatio="none" role="img"
    aria-label="{{ $attempt->interview_done }} of {{ $attempt->interview_total }} steps"><rect width="100" height="4"/><rect
    width="{{ 100 * $attempt->interview_done / max(1, $attempt->interview_total) }}" height="4"/></svg>
@endif
