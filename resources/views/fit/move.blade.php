@use('Kavvel\Core\Fit\FitTask')
@use('Kavvel\Core\Fit\WorkStep')
@php($slot = $card->slot)
@php($mayWork = $bench->mayWork())
@php($work = $slot->work)
@php($key = $slot->key())
@php($box = $work?->box($key))
@php($pair = $box?->nextPair())
@php($step = $card->step)
@php($act = fn (): string => route('jobs.circuits.acts.store', [$job, $slot->circuit->key]))
<div>
    <p class="over"><span>Next move</span><span>{{ $wall->fitted() }} of {{ $wall->all() }} in place</span></p>
    @include('fit.heading')
</div>
@include(match ($card->task) {
    FitTask::SayCircuit => 'fit.say-circuit',
    FitTask::LookIntoBox => 'fit.look-into-box',
    FitTask::Settle => 'fit.settle',
    FitTask::Work => 'fit.work',
    FitTask::SwitchOn => 'fit.switch-on',
    FitTask::TryByHand => 'fit.try-by-hand',
    FitTask::Nothing => 'fit.is-in',
})
@include('fit.then')
