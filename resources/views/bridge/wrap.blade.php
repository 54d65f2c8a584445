@use('Kavvel\Core\Bridging\EndBand')
@use('Kavvel\Core\Bridging\FunctionTable')
@php($row = $wrapping->row)
@php($kind = $row->wrapping)
@php($box = $bridging->boxes[$row->box_key] ?? null)
@php($isOpenNext = $wrapping->nextIsOpen())
@php($into = implode(' and ', array_map(fn ($key) => $bridging->ecosystems[$key]->name ?? $key, $row->ecosystems)))
@php($last = $wrapping->last())
@php($isOnItsWay = $last?->isUnderWay() === true)
@php($measures = $kind->isMeasured() && ($wrapping->needsReadings() || $wrapping->trouble !== null))
@php($said = count($wrapping->open) + count($wrapping->closed))
@php($isRenamed = $wrapping->isRenamed())
@php($tell = match (true) {
    $box?->url === null => $isRenamed ? 'It is called that now' : 'It is made on the hub',
    default => "Have {$box->name} ".($isRenamed ? 'rename it' : 'make it'),
})
@php($isUnheard = $isOnItsWay && $wrapping->card->waitsForHub())
@php($lastSaid = $wrapping->lastSaid())
@php($isTheThing = $wrapping->name === Str::ucfirst($wrapping->card->slot->name ?? $wrapping->card->calledInRoom()))
@php($lost = FunctionTable::words($kind->of()))
@php($act = route('jobs.wrappers.readings.store', [$job, $row->id]))
@if ($row->isMade())
<a class="btn plain !justify-start" href="{{ $bench->url(['at' => null, 'slot' => null]) }}">← Back to the move</a>
@endif
<div>
    <p class="over"><span>{{ Str::ucfirst($wrapping->card->calledInRoom()) }}, for {{ $into }}</span><span>{{ $measures
        ? min($said, 2 * EndBand::READINGS).' of '.(2 * EndBand::READINGS) : '' }}</span></p>
    <h2>{{ match (true) {
        $wrapping->trouble !== null => 'Its ends are told alike',
        $isUnheard => 'Nobody hears where it stands',
        $measures => $isOnItsWay ? 'It is being driven '.($last->is_open ? 'open' : 'closed')
            : $kind->moves($isOpenNext),
        $isRenamed => "Call it “{$wrapping->name}”",
        default => ($row->isMade() ? 'It shows as ' : 'Have it shown as ').$kind->words(),
    } }}</h2>
    <p class="why">{{ match (true) {
        $wrapping->trouble !== null => $wrapping->trouble,
        $measures => 'It never says the same twice at its ends. From what it says there follows when it counts as open. '
            .'Look at it yourself: it moves, nobody reaches in.',
        $isRenamed => "The hub calls it “{$row->made_name}” still: it is named after the thing.",
        $row->isMade() => "Made by {$row->made_by}, ".$row->made_at->format('j M H:i').', of the device that is there now.',
        default => "It does not get there as {$lost}. The hub shows “{$wrapping->name}” there instead.",
    } }}</p>
</div>
@if ($kind->isMeasured())
@include('bridge.ends')
@endif
@if ($wrapping->refused() !== null)<p class="note danger" role="alert">{{ $wrapping->refused() }}</p>@endif
@if ($row->ask_refused !== null)<p class="note danger" role="alert">{{ $row->ask_refused }}</p>@endif
@if ($row->isUnanswered())<p class="note danger" role="alert">No answer came: see whether {{ $box->name ?? 'the hub' }} is on, and
    tell it again.</p>@endif
@if ($bench->mayWork())
@if ($row->isAsked())
<p class="note" id="waits" role="status">{{ Str::ucfirst($box->name ?? 'The hub') }} is making it…</p>
@elseif ($isOnItsWay)
<p class="note" id="waits" role="status">{{ $last->by }} has it driven. It says where it stands once it stands still.</p>
@include('bridge.wrap-by-hand')
@elseif ($measures && $wrapping->trouble === null)
@if ($wrapping->isDriven)
<x-form :action="$act">
    <input type="hidden" name="open" value="{{ $isOpenNext ? 1 : 0 }}">
    <div class="thumb"><button class="big" id="big" data-move="drive-{{ $row->id }}-{{ $row->readings->count() }}" data-key="n">{{
        ($wrapping->refused() === null ? 'Drive it ' : 'Once more, ').($isOpenNext ? 'open' : 'closed') }}</button></div>
</x-form>
@endif
@include('bridge.wrap-by-hand')
@elseif ($wrapping->trouble !== null)
<x-form :action="$act" method="delete">
    <div class="thumb"><button class="big" id="big" data-move="anew-{{ $row->id }}" data-key="n">Its ends are taught anew</button></div>
</x-form>
@else
<x-form :action="route('jobs.wrappers.made.store', [$job, $row->id])" id="make">
    @include('bridge.wrap-default')
    @if ($row->isMade() && ! $isRenamed)
    <button class="btn w-full">Make it anew</button>
    @else
    <div class="thumb"><button class="big" id="big" data-key="n" data-move="made-{{ $row->id }}-{{
        $row->ask_refused === null ? 0 : 1 }}-{{ $isRenamed ? 1 : 0 }}">{{ $tell }}</button></div>
    @endif
</x-form>
@endif
@if (! $isOnItsWay && ! $row->isAsked())
<details id="wrap-otherwise" @if ($row->ask_refused !== null) open @endif><summary>Otherwise</summary>
    @if (! $measures && $box?->url !== null && ! $row->isMade())
    <button class="btn w-full" form="make" name="by_hand" value="1">It is made there by hand</button>
    @endif
    @if ($kind->isMeasured() && $lastSaid !== null)
    <x-form :action="$act" method="delete">
        <input type="hidden" name="reading" value="{{ $lastSaid->id }}">
        <button class="btn w-full">Take back “{{ $lastSaid->words($kind->unit()) }}”</button>
    </x-form>
    @endif
    @if ($kind->isMeasured() && $said > 0 && $wrapping->trouble === null)
    <x-form :action="$act" method="delete">
        <button class="btn w-full">Measure anew</button>
    </x-form>
    @endif
    @if ($row->isMade() && ($row->mark === null || $box?->url === null))
    <p class="quiet">Nobody takes it out on the hub by itself: do that there as well.</p>
    @endif
    <x-form :action="route('jobs.wrappers.destroy', [$job, $row->id])" method="delete">
        <button class="btn w-full">Do without it</button>
    </x-form>
</details>
@endif
@endif
<p class="quiet">{{ $isTheThing || $kind->as() === 'activity'
    ? 'The device itself is left out of the list of what is shown.'
    : 'The device itself shows there as well, for what else it can.' }}</p>
@include('bridge.left-over')
