@use('Kavvel\Core\Fit\FitTask')
@use('Kavvel\Core\Fit\FitVerdict')
@use('Kavvel\Core\Fit\WorkStep')
@php($called = $slot->card->called)
<h2>{{ match ($card->task) {
    FitTask::SayCircuit => "Which circuit feeds the {$called}?",
    FitTask::LookIntoBox => "Look into the box of the {$called}",
    FitTask::Settle => "The {$called} ".($slot->boxFit?->verdict() === FitVerdict::DoesNotFit ? 'does not fit' : 'needs a change'),
    FitTask::SwitchOn => "Make “{$slot->circuit?->label}” live again",
    FitTask::TryByHand => "Try the {$called} by hand",
    FitTask::Nothing => "The {$called} is in",
    FitTask::Work => match ($card->step) {
        WorkStep::Accept => "Fit the {$called}",
        WorkStep::Look => $work->nextSource()->words().'?',
        WorkStep::Open => 'Note the conductors in the box',
        WorkStep::DetectorBefore => 'Prove the detector',
        WorkStep::ReadLive => 'Read it live',
        WorkStep::TwoWay => 'Find the side of the two-way circuit',
        WorkStep::SwitchOff => "Switch off {$slot->circuit->breaker}",
        WorkStep::Lock => 'Put your lock on',
        WorkStep::Tag => 'Hang your tag on',
        WorkStep::ReadDead => Str::ucfirst($pair[0])." to {$pair[1]}",
        WorkStep::DetectorAfter => 'Prove the detector again',
        WorkStep::Stopped => 'Stop: it is not dead',
        WorkStep::Stale => 'Prove it dead anew',
        WorkStep::OfAnother => "{$box->opened->by} works at this box",
        WorkStep::Wire => $slot->worksheet()->isSound() ? "Put the {$called} in" : 'Settle the conductors',
    },
} }}</h2>
<p class="why">{{ $slot->card->where() }}{{ $slot->circuit === null ? '' : ', '.$slot->feed() }}.
    {{ match (true) {
        $card->task === FitTask::Work && $card->step === WorkStep::Accept => $card->stop->why,
        $card->step === WorkStep::Look => 'What else may feed this box decides whether off is dead.',
        $card->step === WorkStep::Open => 'What is not noted is not measured.',
        $card->step === WorkStep::DetectorBefore => 'Two poles, on a source known to be live. A pen without contact never proves dead.',
        $card->step === WorkStep::ReadLive => 'At the terminals of this box, with the breaker on: a dead reading says nothing without it.',
        $card->step === WorkStep::ReadDead => 'Every conductor to every other, and to earth.',
        $card->step === WorkStep::DetectorAfter => 'On the same known source: only that makes the readings count.',
        $card->step === WorkStep::Stale => 'It was proved on another day.',
        $card->task === FitTask::TryByHand => 'It has to work before any radio does.',
        default => '',
    } }}</p>
