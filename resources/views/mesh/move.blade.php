@use('Kavvel\Core\Mesh\Verdict')
@use('Kavvel\Core\Radio\Margin')
@php($isGood = $report->count(Verdict::Thin) + $report->count(Verdict::Lost) === 0)
@php($remedy = $worst === null ? null : ($remedies[$worst->key()][0] ?? null))
@php($margin = $judgement?->weakestDb === null ? '' : ' ('.Margin::text($judgement->weakestDb).')')
@php($state = $worst === null ? '' : "The {$worst->slot->title()} is {$judgement->verdict->value}{$margin}.")
@php($more = $remedy !== null && $remedy->others > 0 ? ", and helps {$remedy->others} more" : '')
<div>
    <p class="over"><span>Next move</span><span>{{ count($report->nodes) }} devices, {{ $links }} links</span></p>
    @if ($worst === null)
        <h2>{{ $isGood ? 'Every device has an accepted path' : 'Match what is nobody’s yet' }}</h2>
        <p class="why">{{ $isGood ? 'Nothing here needs a relay.' : 'A device on the network belongs to no slot.' }}</p>
    @elseif ($remedy === null)
        <h2>Move or rewire the {{ $worst->slot->title() }}</h2>
        <p class="why">{{ $state }} {{ $radio->protocol->rules()->routes() === null
            ? 'It talks to its hub alone: look for another place for it, or for the hub.'
            : 'No single relay, of the plan or at a free mains point, makes it accepted. Look for another place for it.' }}</p>
    @elseif ($remedy->slot !== null)
        <h2>Pair the {{ $remedy->where }}</h2>
        <p class="why">{{ $state }} The plan has a relay that makes it accepted by the forecast{{ $more }}: it has only to be paired.</p>
    @else
        <h2>Put a relay in the {{ mb_strtolower($remedy->room) }}</h2>
        <p class="why">{{ $state }} A relay at the {{ $remedy->where }}, {{ number_format($remedy->distanceM, 1) }}&nbsp;m away,
            makes it accepted by the forecast{{ $more }}.</p>
    @endif
</div>
@if ($remedy !== null)
<dl class="evidence">
    @foreach (['Now' => $remedy->now, 'With it' => $remedy->then] as $when => $counts)
    <div>
        <dt>{{ $when }}</dt>
        @foreach ($remedy->now['lost'] === 0 ? array_reverse($counts) : $counts as $word => $count)
        <dd>{{ $count }} {{ $word }}</dd>
        @endforeach
    </div>
    @endforeach
</dl>
@endif
@include('mesh.progress')
@include('mesh.act')
@include('mesh.remedies')
@if ($kept !== null)
<div>
    <h3>What the proposal had promised</h3>
    <dl class="evidence">
        <div><dt>Promised</dt><dd>{{ $kept->promised['lost'] }} lost</dd><dd>{{ $kept->promised['thin'] }} thin</dd></div>
        <div><dt>Read since</dt><dd>{{ $report->count(Verdict::Lost) }} lost</dd><dd>{{ $report->count(Verdict::Thin) }} thin</dd></div>
    </dl>
</div>
@endif
@includeWhen($history !== null, 'mesh.history')
@include('mesh.report')
