@use('Kavvel\Core\Pairing\BehindAct')
@use('Kavvel\Core\Pairing\NodeFit')
@php($slot = $target->slot)
@php($mayWork = $bench->mayWork())
@php($best = $behind->likeliest)
@php($fit = $best === null ? null : NodeFit::of($target->profile, $best->reported))
@php($choosing = in_array($behind->act, [BehindAct::Confirm, BehindAct::Choose], true))
<div>
    <p class="over"><span>Next move</span></p>
    <h2>{{ $choosing ? "Which is the {$slot->title()}?" : "Pair the {$slot->title()}" }}</h2>
    <x-tally :tally="$bench->tally()"/>
    <p class="why">{{ $target->where() }}. It comes in behind the
        <a class="underline" href="{{ $bench->url(['slot' => $bridge->key(), 'storey' => null]) }}"
            data-opens-slot>{{ $bridge->called }}</a>.
        @if ($behind->act !== BehindAct::PairBridge) {{ $count->words() }}@endif</p>
</div>
@if ($best !== null && $choosing)
<p class="note done" role="status"><strong>{{ $best->label ?? 'Without a name' }}</strong>, {{ $best->reported->model ?? 'no model said' }}.
    {{ $best->isReachable ? 'It answers.' : '' }} It can: {{ implode(', ', $best->reported->capabilities) }}.</p>
<p class="quiet measure">{{ $best->address }}</p>
@if (! $best->isReachable)
<p class="note danger">It does not answer: look at its power or battery first. Taken as it is, it becomes a snag.</p>
@endif
@if ($fit->objection() !== null)
<p class="note">{{ $fit->objection() }}</p>
@endif
@elseif ($behind->act === BehindAct::Choose)
<p class="note">{{ $behind->asksForTrigger()
    ? 'Nothing tells these apart. Trigger the device: press it, walk past it, warm it. The one that speaks then is it.'
    : 'None of them is the model that the plan has here. Take it only when you know that it belongs here.' }}</p>
@elseif ($behind->act === BehindAct::PairBridge)
<p class="note">Nothing behind the bridge can be seen before the bridge itself is in.</p>
@elseif ($behind->act === BehindAct::PairAtBridge)
<ol class="rows steps">
    @foreach ($target->profile->recipe->needs ?? ['It is paired with its bridge in the bridge’s own app'] as $need)
    <li class="is-current"><span class="n">{{ $loop->iteration }}</span><span>{{ $need }}</span></li>
    @endforeach
    <li><span class="n">{{ count($target->profile->recipe->needs ?? [1]) + 1 }}</span><span>It shows here by itself then</span></li>
</ol>
@endif
@if ($mayWork)
@if ($behind->act !== BehindAct::Choose)
<div class="thumb">
    @if ($behind->act === BehindAct::PairBridge)
    <a class="big" id="big" data-move="bridge-{{ $bridge->key() }}" data-key="n"
        href="{{ route('jobs.pair', [$job, 'next' => $bridge->key()]) }}">Pair the {{ $bridge->called }}</a>
    @elseif ($behind->act === BehindAct::Confirm)
    <x-form :action="route('jobs.slots.node.store', [$job, $slot])">
        <input type="hidden" name="address" value="{{ $best->address }}">
        <button class="big" id="big" data-move="behind-{{ $slot->key }}-{{ $best->address }}"
            data-key="n">Yes, the {{ $slot->title() }}</button>
    </x-form>
    @else
    <button class="big" id="big" data-move="behind-{{ $slot->key }}" type="button" aria-disabled="true">{{
        $behind->act === BehindAct::Wait ? 'Waits for the hub' : 'Not behind the bridge yet' }}</button>
    @endif
</div>
@endif
@php($rest = array_filter($behind->candidates, fn ($one) => $one !== $best))
@if ($choosing && $rest !== [])
<div>
    <h3>{{ $best === null ? 'Behind the bridge' : 'Or is it' }}</h3>
    @foreach ($rest as $one)
    <x-form :action="route('jobs.slots.node.store', [$job, $slot])" class="mt-2">
        <input type="hidden" name="address" value="{{ $one->address }}">
        <button class="btn !justify-between !text-left"><span>{{ $one->label ?? $one->address }}<span
            class="quiet block">{{ $one->reported->model ?? 'no model said' }}</span></span>
            <span class="quiet">{{ $one->isReachable ? $heard[$one->address] ?? '' : 'does not answer' }}</span></button>
    </x-form>
    @endforeach
</div>
@endif
<div class="pair">
    <a class="btn" href="{{ $bench->url(['slot' => $slot->key, 'storey' => null]) }}" data-opens-slot>Look at it</a>
    <x-form :action="route('jobs.slots.put-off', [$job, $slot])"><button class="btn">Skip for now</button></x-form>
</div>
@if (! in_array($behind->act, [BehindAct::PairBridge, BehindAct::Wait], true) && $target->hub !== null)
<x-form :action="route('jobs.hubs.nodes.store', [$job, $target->hub->key()])">
    <input type="hidden" name="slot" value="{{ $slot->key }}">
    <button class="btn plain">Ask the hub again what the bridge has</button>
</x-form>
@endif
@endif
@include('pair.then')
@include('pair.by-hand')
