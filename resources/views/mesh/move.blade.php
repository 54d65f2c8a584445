@php($thin = $report->count(Kavvel\Core\Mesh\Verdict::Thin))
@php($lost = $report->count(Kavvel\Core\Mesh\Verdict::Lost))
@php($remedy = $worst === null ? null : ($remedies[$worst->key()][0] ?? null))
@php($state = $worst === null ? '' : "The {$worst->slot->title()} is {$judgement->verdict->value}".($judgement->weakestDb === null ? '' : ' ('.Kavvel\Core\Radio\Margin::text($judgement->weakestDb).')').'.')
@php($more = $remedy !== null && $remedy->others > 0 ? ", and helps {$remedy->others} more" : '')
<div>
    <p class="over"><span>Next move</span><span>{{ count($report->nodes) }} devices, {{ $links }} links</span></p>
    @if ($worst === null)
        <h2>{{ $thin + $lost === 0 ? 'Every device has an accepted path' : 'Match what is nobody’s yet' }}</h2>
        <p class="why">{{ $thin + $lost === 0 ? 'Nothing here needs a relay.' : 'A device on the network belongs to no slot.' }}</p>
    @elseif ($remedy === null)
        <h2>Move or rewire the {{ $worst->slot->title() }}</h2>
        <p class="why">{{ $state }} No single relay, of the plan or at a free mains point, makes it accepted. Look for another place for it.</p>
    @elseif ($remedy->slot !== null)
        <h2>Pair the {{ $remedy->where }}</h2>
        <p class="why">{{ $state }} The plan has a relay that makes it accepted by the forecast{{ $more }}: it has only to be paired.</p>
    @else
        <h2>Put a relay in the {{ mb_strtolower($remedy->room) }}</h2>
        <p class="why">{{ $state }} A relay at the {{ $remedy->where }}, {{ number_format($remedy->distanceM, 1) }}&nbsp;m away, makes it accepted by the forecast{{ $more }}.</p>
    @endif
</div>
@if ($remedy !== null)
<dl class="evidence">
    @foreach (['Now' => $remedy->now, 'With it' => $remedy->then] as $when => $counts)
    <div><dt>{{ $when }}</dt>@foreach ($remedy->now['lost'] === 0 ? array_reverse($counts) : $counts as $word => $count)<dd>{{ $count }} {{ $word }}</dd>@endforeach</div>
    @endforeach
</dl>
@endif
@include('mesh.progress')
@if ($bench->mayWork())
<div class="thumb">
    @if ($running)<button class="big" id="big" data-move="surveying" type="button" aria-disabled="true">The hub asks around</button>
    @elseif ($remedy?->slot !== null)<a class="big" id="big" data-move="pair-{{ $remedy->slot }}" data-key="n" href="{{ route('jobs.pair', [$job, 'next' => $remedy->slot]) }}">Go and pair it</a>
    @elseif ($remedy !== null)<x-form :action="route('jobs.relays.store', $job)"><input type="hidden" name="protocol" value="{{ $survey->protocol }}"><input type="hidden" name="point" value="{{ $remedy->point }}"><button class="big" id="big" data-move="relay-{{ $remedy->point }}" data-key="n">Add it to the work</button></x-form>
    @elseif ($worst === null)<a class="big" id="big" data-move="to-hand-over" data-key="n" href="{{ route('jobs.hand-over', $job) }}">On to handing over</a>
    @else<a class="big" id="big" data-move="to-pair" data-key="n" href="{{ route('jobs.pair', $job) }}">On with pairing</a>@endif
</div>
@if (! $running)<x-form :action="route('jobs.radio-surveys.store', $job)"><button class="btn w-full">Survey again</button></x-form>@endif
@endif
@include('mesh.remedies')
<div>
    <h3>What the survey says</h3>
    <ul class="rows">
        @foreach ($report->weakLinks as $link)<li><span>Weak link: {{ $title($link->a) }} to {{ $title($link->b) }}</span><span class="end measure">{{ Kavvel\Core\Radio\Margin::text($link->worseDb()) }}</span></li>@endforeach
        @foreach ($report->singlePoints as $point)<li><span><strong>If the {{ $title($point->id) }} goes,</strong> {{ count($point->strands) }} {{ count($point->strands) === 1 ? 'goes' : 'go' }} with it: {{ implode(', ', array_map($title, $point->strands)) }}.</span></li>@endforeach
        @foreach ($report->removableInUse as $id)<li><span>Others reach the hub through the {{ $title($id) }}, which can be unplugged or switched off.</span></li>@endforeach
        @if ($report->oneWayRouters !== [])<li><span>One accepted way only: {{ implode(', ', array_map($title, $report->oneWayRouters)) }}. A second relay near would give another.</span></li>@endif
        @foreach ($report->asymmetricLinks as $link)<li><span>Uneven: {{ $title($link->a) }} and {{ $title($link->b) }}</span><span class="end measure">{{ round($link->differenceDb()) }} dB apart</span></li>@endforeach
        @foreach ($report->notes as $note)<li><span>{{ $note }}</span></li>@endforeach
        @foreach ($unmatched as $node)<li><span><span class="measure">{{ $node->id }}</span> belongs to no slot.</span></li>@endforeach
        @if ($thin + $lost === 0 && $report->singlePoints === [])<li>No thin links, no single points.</li>@endif
    </ul>
</div>
