@php($devices = $sheet->ofProtocol(Kavvel\Core\Protocol\Protocol::Infrared))
@include('survey.radio.keys', ['chosen' => Kavvel\Core\Protocol\Protocol::Infrared])
<div>
    <p class="over"><span>Infrared, in sight of a blaster</span><span>plan version {{ $job->plan_version }}</span></p>
    @if ($fewest->add === [])
    <h2>No point sees an infrared device</h2>
    <p class="why">A blaster needs a straight line of {{ (int) Kavvel\Core\Radio\Sight::FARTHEST_M }} m at most with nothing between but
        an open door, power and
        a surface. Put a socket or a shelf with mains on the plan, in the room of the device.</p>
    @else
    <h2>{{ count($fewest->add) === 1 ? 'One blaster sees them' : count($fewest->add).' blasters see them' }}</h2>
    <p class="why">{{ $fewest->acceptedAfter }} of {{ count($devices) }} devices, from
        {{ implode('; ', array_map(fn (string $point): string => mb_strtolower($sights->nameOf($point)), $fewest->add)) }}.
        It needs power and a surface there.</p>
    @endif
</div>
@foreach ($fewest->add as $point)
<div>
    <h3>{{ $sights->nameOf($point) }}</h3>
    <ul class="rows">
        @foreach ($sights->from($point) as $key => $sight)
        <li><a href="{{ $bench->url(['slot' => (string) $key, 'storey' => null]) }}"
            data-opens-slot><span>{{ $sheet->cards[$key]->fullTitle() }}</span>
            <span class="end">{{ $sight->words() }}</span></a></li>
        @endforeach
    </ul>
</div>
@endforeach
@if ($fewest->open !== [])
<p class="note"><strong>Seen from no socket or shelf:</strong>
    {{ implode('; ', array_map(fn (string $key): string => mb_strtolower($sheet->cards[$key]->fullTitle()), $fewest->open)) }}.</p>
@endif
<p class="quiet">A blaster knows only what it sent: where on and off are one code, it has no state.
    A remote that works when it points away is radio, not infrared: try it before.</p>
