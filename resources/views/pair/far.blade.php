@use('Kavvel\Core\Pairing\PairPhase')
<button type="button" class="btn plain" data-far="on">Far view</button>
<section class="far" aria-label="Far view" data-state="{{ $phase->value }} {{ $attempt?->id }}">
    <p class="far-what">{{ Str::ucfirst($slot->title()) }}</p>
    <p class="far-state" role="status">{{ match ($phase) {
        PairPhase::Opening => 'Opening',
        PairPhase::Waiting => 'Waiting',
        PairPhase::Announced => 'Heard it',
        PairPhase::Secured => 'Keys settled',
        PairPhase::Networked => 'On the network',
        PairPhase::Excluding => 'Excluding',
        PairPhase::Interviewing => "{$attempt->interview_done} of {$attempt->interview_total}",
        PairPhase::Offer => 'It is in',
        PairPhase::InPart => 'In part',
        PairPhase::OpenStill => 'Open',
        default => 'Not heard',
    } }}</p>
    <p class="far-left measure" @if ($isOpen && $secondsLeft !== null) data-seconds-left="{{ $secondsLeft }}" @endif>{{
        $isOpen ? '' : ($phase === PairPhase::Offer ? 'come back' : 'the window ended') }}</p>
    <button type="button" class="big" data-far="off">Near view</button>
</section>
