@php($slot = $target->slot)
@php($recipe = $target->profile->recipe)
@php($mayWork = $bench->mayWork())
@php($isOpen = in_array($phase, ['opening', 'waiting', 'announced', 'interviewing'], true))
@php($heard = in_array($phase, ['announced', 'interviewing', 'offer'], true))
<div>
    <p class="over"><span>Next move</span><span>{{ $in }} of {{ $count }} in</span></p>
    <h2>{{ $phase === 'offer' ? 'Is this the '.$slot->title().'?' : 'Pair the '.$slot->title() }}</h2>
    <p class="why">{{ $target->where() }}. {{ $why === '' ? '' : $why.'.' }}</p>
</div>

@if ($phase === 'offer')
    <p class="note done" role="status">{{ $offer->model }} joined, all {{ $attempt->interview_total }} steps of the interview answered. It can: {{ implode(', ', $offer->capabilities) }}.</p>
    <p class="quiet measure">{{ $offer->address }}</p>
    @if ($offer->model !== $target->profile->model)<p class="note">The plan has {{ $target->profile->model }} here, and this is {{ $offer->model }}. Match it to another slot, or change the profile first.</p>@endif
    @if ($mayWork)
    <div class="thumb">
    <x-form :action="route('jobs.slots.node.store', [$job, $slot])"><input type="hidden" name="address" value="{{ $offer->address }}"><button class="big" id="big" data-move="offer-{{ $slot->key }}" data-key="n">Yes, the {{ $slot->title() }}</button></x-form>
    </div>
    @endif
    @if ($others !== [] && $mayWork)
        <h3>Or is it</h3>
        @foreach ($others as $other)
        <x-form :action="route('jobs.slots.node.store', [$job, $other->slot])"><input type="hidden" name="address" value="{{ $offer->address }}"><button class="btn">{{ $other->fullTitle() }}</button></x-form>
        @endforeach
    @endif
@else
    <ol class="rows steps">
        @php($n = 0)
        @if ($slot->feed)<li class="{{ $isOpen || $heard ? 'is-done' : ($phase === 'idle' ? 'is-current' : '') }}"><span class="n">{{ ++$n }}</span><span>Power on at {{ $slot->feed }}</span></li>@endif
        @foreach ($recipe->needs ?? [] as $need)<li><span class="n">{{ ++$n }}</span><span>{{ $need }}</span></li>@endforeach
        <li class="{{ $isOpen ? 'is-done' : ($slot->feed && $phase === 'idle' ? '' : 'is-current') }}"><span class="n">{{ ++$n }}</span><span>Open the join window</span>
            @if ($secondsLeft !== null && $isOpen)<span class="end measure" data-seconds-left="{{ $secondsLeft }}">{{ intdiv($secondsLeft, 60) }}:{{ str_pad((string) ($secondsLeft % 60), 2, '0', STR_PAD_LEFT) }} left</span>@endif</li>
        @foreach ($recipe->join ?? [] as $step)<li class="{{ $heard ? 'is-done' : ($phase === 'waiting' && ! $attempt->saw_light ? 'is-current' : ($phase === 'waiting' ? 'is-done' : '')) }}"><span class="n">{{ ++$n }}</span><span>{{ $step->sentence() }}@if ($step->tool()) <span class="quiet">(tool: {{ $step->tool() }})</span>@endif</span></li>@endforeach
        <li class="{{ $heard || ($attempt?->saw_light && $isOpen) ? 'is-done' : '' }}"><span class="n">{{ ++$n }}</span><span>{{ Str::ucfirst($recipe->light ?? 'its light shows that it waits') }}</span></li>
        <li class="{{ $heard || ($phase === 'waiting' && $attempt->saw_light) ? 'is-current' : '' }}"><span class="n">{{ ++$n }}</span><span>@switch($phase) @case('announced') The hub heard it @break @case('interviewing') The hub asks it what it can do @break @default The hub hears it @endswitch</span>
            @if ($phase === 'interviewing')<span class="end measure">{{ $attempt->interview_done }} of {{ $attempt->interview_total }}</span>@endif</li>
    </ol>
    @if ($phase === 'interviewing')<svg class="gauge" viewBox="0 0 100 4" preserveAspectRatio="none" role="img" aria-label="{{ $attempt->interview_done }} of {{ $attempt->interview_total }} steps"><rect width="100" height="4"/><rect width="{{ 100 * $attempt->interview_done / max(1, $attempt->interview_total) }}" height="4"/></svg>@endif
    @if ($target->profile->caution !== '')<p class="note">{{ $target->profile->caution }}</p>@endif

    @if ($phase === 'failed' || $phase === 'in-part')
        <div class="note danger" role="status"><strong>{{ Str::ucfirst($attempt->state->words()) }}</strong>{{ $attempt->interview_total > 0 ? ", after {$attempt->interview_done} of {$attempt->interview_total} steps" : '' }}, at {{ $attempt->ended_at?->onSite()->format('H:i') }}. {{ $tries === 1 ? 'Tried once' : "Tried {$tries} times" }}@if ($attempt->missing !== []). Missing: {{ implode(', ', $attempt->missing) }}@endif.</div>
    @endif
    @if ($causes !== [] || $noLight)
        <div><h3>Try this next</h3><ol class="rows">
            @foreach ($causes !== [] ? $causes : $noLightCauses as $cause)<li class="flex-col !items-start !gap-0 {{ $loop->index > 2 ? 'hidden' : '' }}"><strong>{{ $cause->try }}</strong><span class="quiet">{{ $cause->cause }}</span></li>@endforeach
        </ol></div>
    @endif

    @if ($mayWork)
    <div class="thumb">
        @switch($phase)
            @case('opening')
                <button class="big" id="big" data-move="opening" type="button" aria-disabled="true">Opening the window</button>
                @break
            @case('waiting')
                @if ($attempt->saw_light)
                    <button class="big" id="big" data-move="listening-{{ $attempt->id }}" type="button" aria-disabled="true">The hub listens</button>
                @else
                    <x-form :action="route('jobs.attempts.update', [$job, $attempt->id])" method="put"><input type="hidden" name="saw_light" value="1"><button class="big" id="big" data-move="light-{{ $attempt->id }}" data-key="n">It blinks</button></x-form>
                @endif
                @break
            @case('announced') @case('interviewing')
                <button class="big" id="big" data-move="interview" type="button" aria-disabled="true">{{ $phase === 'announced' ? 'The hub heard it' : 'The hub asks it' }}</button>
                @break
            @default
                <x-form :action="route('jobs.windows.store', $job)"><input type="hidden" name="slot" value="{{ $slot->key }}"><button class="big" id="big" data-move="open-{{ $slot->key }}" data-key="n">{{ $phase === 'idle' ? 'Open the join window' : 'Open the next window' }}</button></x-form>
        @endswitch
    </div>
    <div class="pair">
        @if ($phase === 'waiting')
            <x-form :action="route('jobs.attempts.update', [$job, $attempt->id])" method="put"><input type="hidden" name="saw_light" value="0"><button class="btn">No light</button></x-form>
        @elseif ($phase === 'in-part')
            <x-form :action="route('jobs.slots.node.store', [$job, $slot])"><input type="hidden" name="address" value="{{ $offer->address }}"><button class="btn">Accept as it is</button></x-form>
        @elseif ($isOpen)
            <x-form :action="route('jobs.windows.destroy', [$job, $window->reference])" method="delete"><button class="btn">Close the window</button></x-form>
        @else
            <a class="btn" href="{{ $bench->url(['slot' => $slot->key, 'storey' => null]) }}" data-opens-slot>Look at it</a>
        @endif
        <x-form :action="route('jobs.slots.put-off', [$job, $slot])"><button class="btn">Skip for now</button></x-form>
    </div>
    @endif
@endif

@if ($isOpen || $heard || $phase === 'failed' || $phase === 'in-part')
<button type="button" class="btn plain" data-far="on">Far view</button>
<section class="far" aria-label="Far view" data-state="{{ $phase }} {{ $attempt?->id }}">
    <p class="far-what">{{ Str::ucfirst($slot->title()) }}</p>
    <p class="far-state" role="status">{{ match ($phase) { 'opening' => 'Opening', 'waiting' => 'Waiting', 'announced' => 'Heard it', 'interviewing' => "{$attempt->interview_done} of {$attempt->interview_total}", 'offer' => 'It is in', 'in-part' => 'In part', default => 'Not heard' } }}</p>
    <p class="far-left measure" @if ($isOpen && $secondsLeft !== null) data-seconds-left="{{ $secondsLeft }}" @endif>{{ $isOpen ? '' : ($phase === 'offer' ? 'come back' : 'the window ended') }}</p>
    <button type="button" class="big" data-far="off">Near view</button>
</section>
@endif

@if ($unmatched->isNotEmpty() && $mayWork && ! $isOpen)
    <div><h3>On the network, and nobody’s yet</h3>
        @foreach ($unmatched as $node)
        <x-form :action="route('jobs.slots.node.store', [$job, $slot])" class="mt-2"><input type="hidden" name="address" value="{{ $node->address }}"><button class="btn plain"><span class="measure">{{ $node->address }}</span> {{ $node->model }}: it is the {{ $slot->title() }}</button></x-form>
        @endforeach
    </div>
@endif
@if ($then !== [])
<div>
    <p class="over"><span>Then</span><span>forecast</span></p>
    <ul class="rows">
        @foreach ($then as $entry)
        <li><a href="{{ route('jobs.pair', [$job, 'next' => $entry['card']->key()]) }}" title="{{ $entry['why'] }}">
            @chip($entry['card']->profile->protocol)
            <span>{{ $entry['card']->fullTitle() }}</span>
            <span class="end measure">{{ $entry['card']->forecast?->bestDb === null ? '' : Kavvel\Core\Radio\Margin::text($entry['card']->forecast->bestDb) }}</span>
        </a></li>
        @endforeach
    </ul>
</div>
@endif
@include('pair.elsewhere')
