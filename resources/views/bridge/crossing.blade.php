@use('Kavvel\Core\Bridging\CrossTest')
@php($name = fn (string $key): string => $bridging->ecosystems[$key]->name ?? $key)
@php($card = $crossing->card)
@php($run = $crossing->run)
@php($test = $run?->result())
@php($done = $run === null ? 0 : count($run->orders))
@php($isOn = $crossing->isUnderWay())
@php($faults = $test?->faults() ?? [])
<a class="btn plain !justify-start" href="{{ $bench->url(['at' => null, 'slot' => null]) }}">← Back to the move</a>
<div>
    <p class="over"><span>From all sides</span><span>{{ $run === null ? '' : "{$done} of ".($done + count($run->plan)) }}</span></p>
    <h2>{{ match (true) {
        $run === null => Str::ucfirst($card->calledInRoom()),
        $isOn && $run->plan === [] && ! $run->is_waiting => 'Waiting for who is late',
        $isOn => 'It is being tried',
        $run->stopped_because !== null => 'It was stopped',
        $faults === [] => 'Everybody sees it in time',
        default => count($faults) === 1 ? 'One thing is not right' : count($faults).' things are not right',
    } }}</h2>
    <p class="why">{{ $run === null
        ? 'It is switched '.CrossTest::TRIES.' times from '.implode(' and from ', array_map($name, array_keys($crossing->places)))
            .', and looked at in each. Stand where you see it.'
        : Str::ucfirst($card->calledInRoom()).', operated from the left, seen above.' }}</p>
</div>
@if ($run?->stopped_because !== null)<p class="note danger" role="alert">{{ $run->stopped_because }}</p>@endif
@if ($test !== null)
<table class="register crossing"><caption class="visually-hidden">Operated from, and seen in</caption>
    <thead><tr><th scope="col">from</th>
        @foreach ($test->observers as $observer)<th scope="col">{{ $name($observer) }}</th>@endforeach
    </tr></thead>
    <tbody>
    @foreach ($test->origins as $origin)
    <tr><th scope="row">{{ $name($origin) }}</th>
        @foreach ($test->observers as $observer)
        @php($cell = $test->cell($origin, $observer))
        @php($isBad = ! $cell->verdict->isGood() && $cell->tries > 0)
        <td @class(['is-bad' => $isBad])><span class="cell-of">seen in {{ $name($observer) }}: </span>
            @if ($cell->tries === 0)<span class="quiet">–</span>@else
            @if ($cell->times !== [])<strong>{{ number_format($cell->medianMs() / 1000, 1) }} s</strong>@endif
            @if ($isBad)<span class="verdict">{{ $cell->verdict->words() }}</span>@endif
            @if ($cell->times !== [])<small>worst {{ number_format($cell->worstMs() / 1000, 1) }}</small>@endif
            @endif</td>
        @endforeach
    </tr>
    @endforeach
    </tbody>
</table>
@endif
@if (! $isOn && $run?->ended_at !== null)
<p class="quiet">{{ $run->by }}, {{ $run->ended_at->onSite()->format('j M, H:i') }}, with the device that is there now.</p>
@endif
@if (! $isOn && $faults !== [])
<ul class="rows remedies">
    @foreach ($faults as $fault)
    @php($words = $fault->words($name))
    <li><p>{{ $words }}</p>
        @if (in_array($words, $crossing->snags, true))<p class="quiet">A snag was raised for it.</p>
        @elseif ($bench->mayWork())<x-raise-snag :job="$job" :slot-key="$card->key()" :text="$words"/>@endif
    </li>
    @endforeach
</ul>
@endif
@if ($bench->mayWork())
@if ($isOn)
<x-form :action="route('jobs.crossings.destroy', $job)" method="delete">
    <input type="hidden" name="slot" value="{{ $card->key() }}">
    <div class="thumb"><button class="big" id="big" data-move="stop-{{ $run->id }}">Stop it</button></div>
</x-form>
@elseif ($crossing->other !== null)
<p class="note">The {{ $crossing->other->calledInRoom() }} is being tried: one at a time.</p>
<div class="thumb"><a class="big" id="big" data-move="cross-{{ $crossing->other->key() }}" data-key="n"
    href="{{ $bench->url(['at' => "cross {$crossing->other->key()}", 'slot' => null]) }}">Look at that one</a></div>
@elseif ($crossing->places === [])
<p class="note">No ecosystem with a link shows it now, or it may not be switched again and again.</p>
@else
<x-form :action="route('jobs.crossings.store', $job)">
    <input type="hidden" name="slot" value="{{ $card->key() }}">
    <div class="thumb"><button class="big" id="big" data-move="cross-{{ $card->key() }}-{{ $run->id ?? 0 }}"
        data-key="n">{{ $run === null ? 'Try it' : 'Try it once more' }}</button></div>
</x-form>
@endif
@endif
