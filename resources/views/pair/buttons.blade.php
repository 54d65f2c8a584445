@use('Kavvel\Core\Pairing\PairPhase')
@use('Kavvel\Core\Pairing\PairAct')
@php($waits = $act !== PairAct::Wait ? null : match (true) {
    $phase === PairPhase::Opening => ['opening', 'Opening the window'],
    $phase === PairPhase::Interviewing => ['interview', 'The hub asks it'],
    $phase->isUnderWay() => ['interview', 'The hub has it'],
    $phase === PairPhase::OpenStill => ["open-still-{$window->id}", 'The window is still open'],
    $phase === PairPhase::Excluding => ["excluding-{$window->id}", $window->state === 'opening' ? 'Opening the window' : 'The hub listens'],
    $phase === PairPhase::Waiting => ["listening-{$attempt->id}", 'The hub listens'],
    $target->waitsForHub() => ['waits', 'Waits for the hub'],
    default => ["held-{$holder->id}", "The {$target->profile->protocol->title()} radio is taken"],
})
@if (! in_array($act, [PairAct::GiveCode, PairAct::GivePin], true))
<div class="thumb">
    @switch ($act)
    @case (PairAct::Wait)
    <button class="big" id="big" data-move="{{ $waits[0] }}" type="button" aria-disabled="true">{{ $waits[1] }}</button>
    @break
    @case (PairAct::SettleHub)
    <a class="big" id="big" data-move="hub-{{ $target->hub->key() }}" data-key="n"
        href="{{ route('jobs.pair', [$job, 'lens' => 'hubs', 'next' => $slot->key]) }}">Settle the hub first</a>
    @break
    @case (PairAct::Exclude)
    <x-form :action="route('jobs.exclusions.store', $job)">
        <input type="hidden" name="slot" value="{{ $slot->key }}">
        <button class="big" id="big" data-move="exclude-{{ $slot->key }}" data-key="n">Open the exclusion window</button>
    </x-form>
    @break
    @case (PairAct::SayItLeft)
    <x-form :action="route('jobs.existing.departure.store', [$job, $held->key])">
        <input type="hidden" name="from" value="pair">
        <button class="big" id="big" data-move="left-{{ $held->key }}" data-key="n">It has left</button>
    </x-form>
    @break
    @case (PairAct::FitFirst)
    <a class="big" id="big" data-move="fit-{{ $slot->key }}" data-key="n"
        href="{{ route('jobs.fit', [$job, 'next' => $slot->key]) }}">Fit it first</a>
    @break
    @case (PairAct::SayWhatItShows)
    <x-form :action="route('jobs.attempts.update', [$job, $attempt->id])" method="put">
        <input type="hidden" name="light" value="seen">
        <button class="big" id="big" data-move="light-{{ $attempt->id }}" data-key="n">{{ $recipe?->seen() ?? 'Its light shows' }}</button>
    </x-form>
    @break
    @default
    <x-form :action="route('jobs.windows.store', $job)">
        <input type="hidden" name="slot" value="{{ $slot->key }}">
        <button class="big" id="big" data-move="open-{{ $slot->key }}"
            data-key="n">{{ $phase === PairPhase::Idle ? 'Open the join window' : 'Open the next window' }}</button>
    </x-form>
    @endswitch
</div>
@endif
@if ($act === PairAct::SayWhatItShows)
<div class="pair">
    @foreach (['none' => 'No light', ...array_map(fn ($sign) => Str::ucfirst($sign->words), $recipe->signs ?? []),
        'other' => 'Another pattern'] as $light => $words)
    <x-form :action="route('jobs.attempts.update', [$job, $attempt->id])" method="put">
        <input type="hidden" name="light" value="{{ $light }}">
        <button class="btn" aria-pressed="{{ $attempt->light?->value === $light ? 'true' : 'false' }}">{{ $words }}</button>
    </x-form>
    @endforeach
</div>
@endif
@if ($act->isAdvice() && $holder === null && ! $target->waitsForHub())
<x-form :action="route('jobs.windows.store', $job)">
    <input type="hidden" name="slot" value="{{ $slot->key }}">
    <button class="btn plain">Open the join window all the same</button>
</x-form>
@endif
<div class="pair">
    @if ($phase === PairPhase::InPart)
    <x-form :action="route('jobs.slots.node.store', [$job, $slot])">
        <input type="hidden" name="address" value="{{ $offer['node']->address }}">
        <button class="btn">Accept as it is</button>
    </x-form>
    @elseif ($isOpen)
    <x-form :action="route('jobs.windows.destroy', [$job, $window->reference])" method="delete">
        <button class="btn">Close the window</button></x-form>
    @else
    <a class="btn" href="{{ $bench->url(['slot' => $slot->key, 'storey' => null]) }}" data-opens-slot>Look at it</a>
    @endif
    <x-form :action="route('jobs.slots.put-off', [$job, $slot])"><button class="btn">Skip for now</button></x-form>
</div>
@if ($exclusion->isPossible && ! in_array($act, [PairAct::Exclude, PairAct::Wait], true) && ! $isOpen)
<x-form :action="route('jobs.exclusions.store', $job)">
    <input type="hidden" name="slot" value="{{ $slot->key }}">
    <button class="btn plain">Used before? Exclude it first</button>
</x-form>
@endif
