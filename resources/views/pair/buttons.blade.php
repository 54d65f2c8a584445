@use('Kavvel\Core\Pairing\PairPhase')
@use('Kavvel\Core\Pairing\Light')
@php($idle = match (true) {
    $phase === PairPhase::Opening => ['opening', 'Opening the window'],
    $phase === PairPhase::Interviewing => ['interview', 'The hub asks it'],
    $phase->isUnderWay() => ['interview', 'The hub has it'],
    $phase === PairPhase::OpenStill => ["open-still-{$window->id}", 'The window is still open'],
    $phase === PairPhase::Excluding => ["excluding-{$window->id}", $window->state === 'opening' ? 'Opening the window' : 'The hub listens'],
    $phase === PairPhase::Waiting && $attempt->light === Light::Seen => ["listening-{$attempt->id}", 'The hub listens'],
    $phase === PairPhase::Waiting => null,
    $target->waitsForHub() => ['waits', 'Waits for the hub'],
    $holder !== null => ["held-{$holder->id}", "The {$target->profile->protocol->title()} radio is taken"],
    default => null,
})
@php($toFit = $held === null && $phase === PairPhase::Idle && $target->waitsForFitting())
@php($toExclude = $idle === null && $exclusion->isFirst)
@php($toHub = $idle === null && $hubFirst !== [])
@if (! $asksForCode || $idle !== null || $toExclude || $toHub)
<div class="thumb">
    @if ($idle)
    <button class="big" id="big" data-move="{{ $idle[0] }}" type="button" aria-disabled="true">{{ $idle[1] }}</button>
    @elseif ($toHub)
    <a class="big" id="big" data-move="hub-{{ $target->hub->key() }}" data-key="n"
        href="{{ route('jobs.pair', [$job, 'lens' => 'hubs', 'next' => $slot->key]) }}">Settle the hub first</a>
    @elseif ($toExclude)
    <x-form :action="route('jobs.exclusions.store', $job)">
        <input type="hidden" name="slot" value="{{ $slot->key }}">
        <button class="big" id="big" data-move="exclude-{{ $slot->key }}" data-key="n">Open the exclusion window</button>
    </x-form>
    @elseif ($held !== null && $phase === PairPhase::Idle)
    <x-form :action="route('jobs.existing.departure.store', [$job, $held->key])">
        <input type="hidden" name="from" value="pair">
        <button class="big" id="big" data-move="left-{{ $held->key }}" data-key="n">It has left</button>
    </x-form>
    @elseif ($toFit)
    <a class="big" id="big" data-move="fit-{{ $slot->key }}" data-key="n"
        href="{{ route('jobs.fit', [$job, 'next' => $slot->key]) }}">Fit it first</a>
    @elseif ($phase === PairPhase::Waiting)
    <x-form :action="route('jobs.attempts.update', [$job, $attempt->id])" method="put">
        <input type="hidden" name="light" value="seen">
        <button class="big" id="big" data-move="light-{{ $attempt->id }}" data-key="n">{{ $recipe?->seen() ?? 'Its light shows' }}</button>
    </x-form>
    @else
    <x-form :action="route('jobs.windows.store', $job)">
        <input type="hidden" name="slot" value="{{ $slot->key }}">
        <button class="big" id="big" data-move="open-{{ $slot->key }}"
            data-key="n">{{ $phase === PairPhase::Idle ? 'Open the join window' : 'Open the next window' }}</button>
    </x-form>
    @endif
</div>
@endif
@if ($phase === PairPhase::Waiting && $attempt->light !== Light::Seen)
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
@if (($toFit || $toHub || $asksForCode || $toExclude || ($held !== null && $phase === PairPhase::Idle)) && $idle === null)
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
@if ($exclusion->isPossible && ! $toExclude && $idle === null && ! $isOpen)
<x-form :action="route('jobs.exclusions.store', $job)">
    <input type="hidden" name="slot" value="{{ $slot->key }}">
    <button class="btn plain">Used before? Exclude it first</button>
</x-form>
@endif
