@use('Kavvel\Core\WhoIsWho\HeardState')
@php($mayWork = $bench->mayWork())
@php($state = $listened?->heard->state)
@if ($isSureFirst)
    @include('name.who-sure')
@elseif ($target === null && $isGathering)
<div>
    <p class="over"><span>Who is who</span></p>
    <h2>Get them ready, one after the other</h2>
    <x-tally :tally="$bench->tally()"/>
    <p class="why">Do at each what its recipe says, and see its light. Which one is which is told afterwards.</p>
</div>
<div class="thumb"><button class="big" id="big" data-move="gathers" type="button" aria-disabled="true">The hub listens</button></div>
@elseif ($target === null)
<div>
    <p class="over"><span>Who is who</span></p>
    <h2>{{ match (true) {
        $nobodys->nodes !== [] => 'No slot waits for what is left',
        $nobodys->open === [] => 'Everybody has a place',
        default => 'Whatever is in has its place',
    } }}</h2>
    <x-tally :tally="$bench->tally()"/>
    <p class="why">{{ $nobodys->nodes === [] ? 'Touch one on the plan to see whether it is the right one.'
        : 'These are on the network, and the plan has nothing open of their model: plan them, or let them go.' }}</p>
</div>
<div class="thumb">
    @if ($nobodys->open === [])
    <a class="big" id="big" data-move="to-names" data-key="n" href="{{ route('jobs.name', $job) }}">On to the names</a>
    @else
    <a class="big" id="big" data-move="to-pair" data-key="n" href="{{ route('jobs.pair', $job) }}">Pair the next</a>
    @endif
</div>
@else
<div>
    <p class="over"><span>{{ $listened === null ? 'Who is who' : ($listened->listening->round > 1 ? 'Listening, round '
        .$listened->listening->round : 'Listening') }}</span></p>
    <h2>{{ match (true) {
        $listened !== null => $trigger->words,
        $target->isIn() => "Is it really the {$target->calledInRoom()}?",
        default => "Which one is the {$target->calledInRoom()}?",
    } }}</h2>
    <x-tally :tally="$bench->tally()"/>
    <p class="why">{{ $listened === null ? $target->where() : "The {$target->calledInRoom()}" }}. {{ match (true) {
        $target->isIn() => "The network knows it as {$target->node->address}.",
        count($alike) === 1 => 'One of its model is in, and nobody’s.',
        default => count($alike).' of its model are in, and nobody’s.',
    } }}</p>
</div>
@if ($listened !== null)
    @include('name.who-heard')
@else
    @include('name.who-begin')
@endif
@endif
@if ($listened === null)
@include('name.who-gather')
@include('name.who-nobodys')
@endif
@if ($spoken !== [])
<div>
    <h3>Spoke last</h3>
    <ul class="rows">
        @foreach ($spoken as $node)
        @php($card = $bench->sheet->cardOfNode($node->id))
        <li><span>{{ $card === null ? $node->address : $card->fullTitle() }}
            <span class="quiet">{{ $node->said }} {{ $node->said_value }}</span></span>
            <span class="end quiet measure">{{ $node->said_at->onSite()->isToday() ? $node->said_at->onSite()->format('H:i:s')
                : $node->said_at->onSite()->format('j M') }}</span></li>
        @endforeach
    </ul>
</div>
@endif
@if ($then !== [])
<div>
    <p class="over"><span>Then</span></p>
    <ul class="rows">
        @foreach (array_slice($then, 0, 6) as $card)
        <li><a href="{{ route('jobs.name', [$job, 'lens' => 'who', 'next' => $card->key()]) }}">
            @chip($card->profile->protocol)<span>{{ $card->fullTitle() }}</span></a></li>
        @endforeach
    </ul>
</div>
@endif
