@use('Kavvel\Core\Pairing\Placement')
@php($slot = $target->slot)
@php($mayWork = $bench->mayWork())
@php($isPlaced = $placement === Placement::ToRecheck)
<div>
    <p class="over"><span>Next move</span></p>
    <h2>{{ $isPlaced ? "Check the {$slot->title()} where it is" : "Place the {$slot->title()}" }}</h2>
    <x-tally :tally="$bench->tally()"/>
    <p class="why">{{ $target->where() }}. It was paired at the bench: its parent and its way are those of the bench until it is checked
        in its place.</p>
</div>
<ol class="rows steps">
    <li class="{{ $isPlaced ? 'is-done' : 'is-current' }}"><span class="n">1</span><span>Put it where the plan has it{{
        $target->feed() === null ? '' : ', fed by '.$target->feed() }}</span></li>
    <li class="{{ $isPlaced ? 'is-current' : '' }}"><span class="n">2</span><span>{{ $isMesh
        ? 'When all are placed, read the mesh again: it says who their parents are now'
        : 'Trigger it there: it is checked once the hub hears it' }}</span></li>
</ol>
@if ($mayWork)
<div class="thumb">
    @if (! $isPlaced)
    <x-form :action="route('jobs.slots.placement.store', [$job, $slot])">
        <button class="big" id="big" data-move="place-{{ $slot->key }}" data-key="n">It is in its place</button>
    </x-form>
    @elseif ($isMesh)
    <a class="big" id="big" data-move="recheck" data-key="n" href="{{ route('jobs.mesh', $job) }}">Read the mesh again</a>
    @else
    <button class="big" id="big" data-move="recheck-{{ $slot->key }}" type="button" aria-disabled="true">The hub listens for it</button>
    @endif
</div>
<div class="pair">
    <a class="btn" href="{{ $bench->url(['slot' => $slot->key, 'storey' => null]) }}" data-opens-slot>Look at it</a>
    @if ($isPlaced)
    <x-form :action="route('jobs.slots.placement.destroy', [$job, $slot])" method="delete">
        <button class="btn">It is not in its place</button></x-form>
    @else
    <a class="btn" href="{{ route('jobs.name', $job) }}">On to names</a>
    @endif
</div>
@endif
@if ($mayWork && ! $isPlaced && $toPlace !== [])
<details id="place-all"><summary>All {{ count($toPlace) + 1 }} are in their places</summary>
    <p class="quiet mb-2">Then one reading of the mesh checks them together.</p>
    <x-form :action="route('jobs.placements.store', $job)"><button class="btn">Yes, all of them</button></x-form>
</details>
@endif
@foreach (['to place' => $toPlace, 'to check where they are' => $toRecheck] as $what => $cards)
@if ($cards !== [])
<div>
    <p class="over"><span>{{ count($cards) }} more {{ $what }}</span></p>
    <ul class="rows">
        @foreach ($cards as $card)
        <li><a href="{{ route('jobs.pair', [$job, 'next' => $card->key()]) }}">@chip($card->profile->protocol)<span>{{
            $card->fullTitle() }}</span></a></li>
        @endforeach
    </ul>
</div>
@endif
@endforeach
@include('pair.by-hand')
