@use('Kavvel\Core\Fit\WorkStep')
@if ($card->unsettled !== [] && in_array($step, [WorkStep::Accept, WorkStep::Look, WorkStep::Open], true))
@php($isOne = count($card->unsettled) === 1)
<p class="note">{{ $isOne ? "The {$card->unsettled[0]->card->called} hangs on it too and is"
    : count($card->unsettled).' others hang on it too and are' }} not settled: it would be off twice.
    <a href="{{ $bench->url(['next' => $card->unsettled[0]->key(), 'lens' => null]) }}">{{ $isOne ? 'Settle it first'
        : 'Settle the first of them' }}</a></p>
@endif
@include('fit.crew')
@includeWhen($mayWork, match ($step) {
    WorkStep::Accept => 'fit.steps.accept',
    WorkStep::Look => 'fit.steps.look',
    WorkStep::Open => 'fit.steps.open',
    WorkStep::DetectorBefore, WorkStep::DetectorAfter => 'fit.steps.detector',
    WorkStep::ReadLive, WorkStep::ReadDead => 'fit.steps.reading',
    WorkStep::TwoWay => 'fit.steps.two-way',
    WorkStep::SwitchOff, WorkStep::Lock, WorkStep::Tag => 'fit.steps.at-the-board',
    WorkStep::Stopped => 'fit.steps.stopped',
    WorkStep::Stale => 'fit.steps.stale',
    WorkStep::OfAnother => 'fit.steps.of-another',
    WorkStep::Wire => 'fit.steps.wire',
})
@if ($mayWork && $work !== null && $work->openBoxes() === [] && isset($work->accepted[$card->person]))
@php($lock = $work->locks[$card->person] ?? null)
<details id="give-up"><summary>{{ $work->off === null ? 'Give the work up' : 'Make it live again without fitting' }}</summary>
    <x-form :action="$act()" class="mt-2">
        <input type="hidden" name="act" value="{{ $lock === null ? 'switch-on' : 'unlock' }}"><input type="hidden" name="slot"
            value="{{ $key }}">
        <button class="btn">{{ match (true) {
            $lock !== null => 'My lock is off',
            $work->off === null => 'Nothing was switched off: give it up',
            default => 'It is on again',
        } }}</button>
    </x-form>
</details>
@endif
@if ($mayWork && $box?->isOpen() === true && $box->opened->by === $card->person)
<details id="put-back"><summary>Leave the box as it was</summary>
    @if ($slot->fit->wireList() !== [])
    <ul class="rows">@foreach ($slot->worksheet()->putBack() as $line)<li>{{ $line }}</li>@endforeach</ul>
    @endif
    <x-form :action="$act()" class="mt-2">
        <input type="hidden" name="act" value="put-back"><input type="hidden" name="slot" value="{{ $key }}">
        <button class="btn plain">It is as it was found, and shut</button>
    </x-form>
</details>
@endif
