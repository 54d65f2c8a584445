@use('Kavvel\Core\Radio\Margin')
@use('Kavvel\Core\Wants\PlugLoad')
@php($mayWork = $bench->mayWork())
@php($geometry = $sheet->geometry)
@php($roomName = fn (string $key): string => $geometry->roomTitle(
    $geometry->rooms[array_column($geometry->rooms, 'id', 'key')[$key]],
))
@php($count = count($report->suggestions))
@php($open = count($report->standings) - $report->countServed())
@php($loads = $wants->unknownLoads())
@php($ofThePlan = array_values(array_filter($report->unmet, fn ($one) => $one->isOfThePlan)))
<div>
    <p class="over"><span>Wants</span><span>{{ $report->countServed() }} of {{ count($report->standings) }} served</span></p>
    @if ($geometry->rooms === [])
        <h2>Draw the rooms first</h2>
        <p class="why">What is wanted is noted room by room.</p>
    @elseif ($report->standings === [])
        <h2>Ask what is wanted</h2>
        <p class="why">Go through the rooms with the client. One touch for each thing that they want to do, or know, there.</p>
    @elseif ($count > 0)
        <h2>{{ $count === 1 ? 'Plan one device' : "Plan {$count} devices" }}</h2>
        <p class="why">{{ $open === 1 ? 'One want is' : "{$open} wants are" }} open. These are the fewest devices that serve
            {{ $report->unmet === [] ? ($open === 1 ? 'it' : 'them') : 'what can be served' }}.</p>
    @elseif ($report->unmet !== [])
        <h2>Settle what nothing serves</h2>
        <p class="why">{{ count($report->unmet) === 1 ? 'One want has' : count($report->unmet).' wants have' }} no device, and none can be
            suggested. Take it off with the client, or change what stands in its way.</p>
    @else
        <h2>Every want has its device</h2>
        <p class="why">{{ $loads === [] ? 'What the radios reach is the next question.'
            : 'It is not known yet what every plug feeds.' }}</p>
    @endif
</div>
@if ($geometry->rooms === [] && $mayWork)
<div class="thumb"><a class="big" id="big" data-move="measure" data-key="n"
    href="{{ $bench->url(['lens' => 'rooms']) }}">Draw the rooms</a></div>
@elseif ($count > 0 && $mayWork)
<x-form :action="route('jobs.suggested-slots.store', $job)">
    <input type="hidden" name="at" value="{{ $pen->with() }}">
    <input type="hidden" name="list" value="{{ $wants->mark() }}">
    <div class="thumb"><button class="big" id="big" data-move="plan-{{ $wants->mark() }}"
        data-key="n">{{ $count === 1 ? 'Plan it' : "Plan all {$count}" }}</button></div>
</x-form>
@elseif ($count === 0 && $ofThePlan !== [] && $mayWork)
<div class="thumb"><a class="big" id="big" data-move="unmet-{{ $ofThePlan[0]->room }}" data-key="n"
    href="{{ $bench->url(['lens' => 'rooms', 'at' => "room {$ofThePlan[0]->room}"]) }}">Look at the
        {{ mb_strtolower($roomName($ofThePlan[0]->room)) }}</a></div>
@elseif ($report->standings !== [] && $report->unmet === [] && $loads !== [])
<div class="thumb"><a class="big" id="big" data-move="load-{{ $loads[0]->key() }}" data-key="n"
    href="{{ $bench->url(['slot' => $loads[0]->key(), 'storey' => null]) }}" data-opens-slot>What does it feed?</a></div>
@elseif ($report->standings !== [] && $report->unmet === [])
<div class="thumb"><a class="big" id="big" data-move="radio" data-key="n"
    href="{{ $bench->url(['lens' => 'radio']) }}">On to the radio forecast</a></div>
@endif
@if ($count > 0)
@php($said = [])
<ul class="rows suggestions">
    @foreach ($report->suggestions as $one)
    <li>
        <div class="suggestion">@chip($one->profile->protocol)<strong>{{ Str::ucfirst($one->title()) }},
            {{ mb_strtolower($roomName($one->room)) }}</strong>
            @if ($one->bestDb !== null)<span class="end measure">{{ Margin::text($one->bestDb) }}</span>@endif</div>
        <p class="quiet">{{ $one->reason }}</p>
        @foreach (array_diff($one->cautions, $said) as $caution)
        <p class="note">{{ $caution }}</p>
        @endforeach
        @if ($mayWork)
        <div class="pair">
            <x-form :action="route('jobs.suggested-slots.store', $job)">
                <input type="hidden" name="at" value="{{ $pen->with() }}"><input type="hidden" name="suggestion" value="{{ $one->id }}">
                <button class="btn" aria-label="Plan it: {{ $one->title() }}, {{ mb_strtolower($roomName($one->room)) }}">Plan it</button>
            </x-form>
            <x-form :action="route('jobs.suggested-slots.destroy', $job)" method="delete">
                <input type="hidden" name="at" value="{{ $pen->with() }}"><input type="hidden" name="suggestion" value="{{ $one->id }}">
                <button class="btn plain" aria-label="Do without: {{ $one->title() }}, {{ mb_strtolower($roomName($one->room)) }}">Do
                    without</button>
            </x-form>
        </div>
        @endif
        @php($said = [...$said, ...$one->cautions])
    </li>
    @endforeach
</ul>
@endif
@if ($wants->leftOut !== [] && $mayWork)
<x-form :action="route('jobs.suggested-slots.restore', $job)" method="put">
    <input type="hidden" name="at" value="{{ $pen->with() }}">
    @php($isOne = count($wants->leftOut) === 1)
    <p class="quiet mb-2">{{ $isOne ? 'One thing that is wanted is' : count($wants->leftOut).' things that are wanted are' }} left out: the
        client does without.</p>
    <button class="btn plain">Ask about {{ $isOne ? 'it' : 'them' }} again</button>
</x-form>
@endif
@if ($report->unmet !== [])
<div>
    <h3>Nothing serves</h3>
    <ul class="rows">
        @foreach ($report->unmet as $one)
        <li><span>{{ $roomName($one->room) }}: {{ $one->function->words() }}<br><span class="quiet">{{ $one->because }}</span></span></li>
        @endforeach
    </ul>
</div>
@endif
@if ($loads !== [])
<div>
    <h3>Ask what it feeds</h3>
    <ul class="rows">
        @foreach ($loads as $card)
        <li><a href="{{ $bench->url(['slot' => $card->key(), 'storey' => null]) }}" data-opens-slot>@chip($card->profile->protocol)<span>{{
            $card->fullTitle() }}</span></a></li>
        @endforeach
    </ul>
</div>
@endif
@if ($report->unasked !== [])
<div>
    <h3>Planned, and nobody asked</h3>
    <p class="quiet">Note the want, or take it off the plan.</p>
    <ul class="rows">
        @foreach ($report->unasked as $key)
        @php($card = $sheet->card($key))
        <li><a href="{{ $bench->url(['slot' => $key, 'storey' => null]) }}" data-opens-slot>@chip($card->profile->protocol)<span>{{
            $card->fullTitle() }}</span></a></li>
        @endforeach
    </ul>
</div>
@endif
