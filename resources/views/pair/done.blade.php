@php($next = $byHand[0] ?? null)
<div>
    <p class="over"><span>Next move</span></p>
    @if ($bench->sheet->cards === [])
    <h2>Nothing is planned yet</h2>
    <p class="why">Put slots onto the plan first: what is to be paired, and where.</p>
    @elseif ($next === null)
    <h2>Every device is in</h2>
    <x-tally :tally="$bench->tally()"/>
    <p class="why">Give them their names, then look at the links.</p>
    @else
    @php($protocol = $next->profile->protocol)
    <h2>{{ Str::ucfirst($protocol->rules()->joining()->verb()) }} the {{ $next->slot->title() }}</h2>
    <x-tally :tally="$bench->tally()"/>
    <p class="why">{{ $next->where() }}.
        {{ $bench->sheet->linkedHubs() === [] ? 'No hub is linked to this job.' : 'Every device that a hub can pair is in.' }}
        Do it where its {{ $protocol->title() }} is at home, then write it down.</p>
    @endif
</div>
<div class="thumb">
    @if ($bench->sheet->cards === [])
    <a class="big" id="big" data-move="to-survey" data-key="n" href="{{ route('jobs.survey', $job) }}">On to the plan</a>
    @elseif ($next === null)
    <a class="big" id="big" data-move="to-name" data-key="n" href="{{ route('jobs.name', $job) }}">On to names</a>
    @else
    <a class="big" id="big" data-move="by-hand-{{ $next->key() }}" data-key="n"
        href="{{ $bench->url(['slot' => $next->key(), 'storey' => null]) }}" data-opens-slot>Open it</a>
    @endif
</div>
@if ($next !== null)
<a class="btn" href="{{ route('jobs.name', $job) }}">On to names</a>
@endif
@include('pair.by-hand', ['isAll' => true])
