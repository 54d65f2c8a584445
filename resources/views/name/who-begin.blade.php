@php($isAbsent = ! $target->isIn() && $alike === [])
@if ($target->waitsForHub())
<p class="note danger" role="status">Nothing is heard of its hub: what devices say meanwhile is not heard here.</p>
@endif
@if ($isAbsent)
<p class="note">None of its model is on the network and nobody’s: it has to be paired first.</p>
@elseif ($nobodys->joinedInPart($target))
<p class="note">What is here of its model joined in part, and may never say what it should. Match it below, or let it in again.</p>
@elseif ($trigger === null)
<p class="note">No hand makes it speak. Let one of them blink, and see which it is.</p>
@elseif ($mine !== null)
<p class="note" role="status">You listen for the {{ $mine->called }}: this one takes its place.</p>
@endif
@if ($other !== null)
<p class="note" role="status">{{ $other->user->name }} listens for the {{ $other->slot->title() }}. One at a time: two that are touched
    at once can’t be told apart.</p>
@endif
@if ($mayWork)
<div class="thumb">
    @if ($isAbsent)
    <a class="big" id="big" data-move="pair-{{ $target->key() }}" data-key="n"
        href="{{ route('jobs.pair', [$job, 'next' => $target->key()]) }}">Pair it</a>
    @elseif ($trigger === null)
    <button class="big" id="big" data-move="blink-one" type="button" aria-disabled="true">Let one blink, below</button>
    @elseif ($target->waitsForHub())
    <button class="big" id="big" data-move="waits" type="button" aria-disabled="true">Waits for the hub</button>
    @else
    <x-form :action="route('jobs.listenings.store', $job)">
        <input type="hidden" name="slot" value="{{ $target->key() }}">
        @if ($other !== null)
        <input type="hidden" name="instead" value="1">
        @endif
        <button class="big" id="big" data-move="listen-{{ $target->key() }}" data-key="n">{{ $other === null ? 'Listen for it'
            : 'Listen in their place' }}</button>
    </x-form>
    @endif
</div>
@endif
