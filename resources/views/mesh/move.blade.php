@php($thin = $report->count(Kavvel\Core\Mesh\Verdict::Thin))
@php($advice = $worst === null ? null : ($remedies[$worst->key()] ?? null))
@php($lost = $report->count(Kavvel\Core\Mesh\Verdict::Lost))
<div>
    <p class="over"><span>Next move</span><span>{{ count($report->nodes) }} devices, {{ $links }} links</span></p>
    @if ($worst === null)
        <h2>{{ $thin + $lost === 0 ? 'Every device has an accepted path' : 'Match what is nobody’s yet' }}</h2>
        <p class="why">{{ $thin + $lost === 0 ? 'Nothing here needs a relay.' : 'A device on the network belongs to no slot.' }}</p>
    @elseif ($advice !== null)
        <h2>Put a relay in the {{ mb_strtolower($advice['room']) }}</h2>
        <p class="why">The {{ $worst->slot->title() }} is {{ $judgement->verdict->value }}{{ $judgement->weakestDb === null ? '' : ' ('.Kavvel\Core\Radio\Margin::text($judgement->weakestDb).')' }}. A relay at the {{ $advice['purpose'] }} there, {{ number_format($advice['distanceM'], 1) }}&nbsp;m away, makes it accepted by the forecast{{ count($advice['gains']) > 1 ? ', and helps '.(count($advice['gains']) - 1).' more' : '' }}.</p>
    @else
        <h2>Move or rewire the {{ $worst->slot->title() }}</h2>
        <p class="why">It is {{ $judgement->verdict->value }}, and no single relay at a free mains point makes it accepted. Pair the relays that the plan has first, or look for another place.</p>
    @endif
</div>
@if ($advice !== null)
<dl class="evidence">
    @foreach (['Now' => ['lost' => $advice['nowLost'], 'thin' => $advice['nowThin']], 'With it' => ['lost' => $advice['thenLost'], 'thin' => $advice['thenThin']]] as $when => $counts)
    <div><dt>{{ $when }}</dt>@foreach ($advice['nowLost'] === 0 ? array_reverse($counts) : $counts as $word => $count)<dd>{{ $count }} {{ $word }}</dd>@endforeach</div>
    @endforeach
</dl>
@endif
@include('mesh.progress')
@if ($bench->mayWork())
<div class="thumb">
    @if ($running)<button class="big" id="big" data-move="surveying" type="button" aria-disabled="true">The hub asks around</button>
    @elseif ($advice !== null)<x-form :action="route('jobs.relays.store', $job)"><input type="hidden" name="protocol" value="{{ $survey->protocol }}"><input type="hidden" name="point" value="{{ $advice['point'] }}"><button class="big" id="big" data-move="relay-{{ $advice['point'] }}" data-key="n">Add it to the work</button></x-form>
    @elseif ($worst === null)<a class="big" id="big" data-move="to-hand-over" data-key="n" href="{{ route('jobs.hand-over', $job) }}">On to handing over</a>
    @else<a class="big" id="big" data-move="to-pair" data-key="n" href="{{ route('jobs.pair', $job) }}">On with pairing</a>@endif
</div>
@if (! $running)<x-form :action="route('jobs.radio-surveys.store', $job)"><button class="btn w-full">Survey again</button></x-form>@endif
@endif
@if ($open !== [])
<div>
    <h3>Thin or lost, and what helps</h3>
    <ul class="rows remedies">
        @foreach ($open as $node)
        <li>
            <a href="{{ $bench->url(['slot' => $node->id, 'storey' => null]) }}" data-opens-slot><strong>{{ Str::ucfirst($title($node->id)) }}</strong><span class="end measure">{{ $node->weakestDb === null ? 'no link' : Kavvel\Core\Radio\Margin::text($node->weakestDb) }} · {{ $node->verdict->value }}</span></a>
            @php($remedy = $remedies[$node->id] ?? null)
            @if ($remedy !== null)<p class="quiet">A relay at the {{ $remedy['purpose'] }} in the {{ mb_strtolower($remedy['room']) }}, {{ number_format($remedy['distanceM'], 1) }}&nbsp;m away.</p>
            @elseif ($bench->sheet->card($node->id) !== null)<p class="quiet">No single relay at a free mains point is enough.</p>
            @endif
            @php($device = $bench->sheet->card($node->id))
            @php($isSnag = $device?->profile->needsSoundLink() && ! in_array($device->slot->id, $withSnag, true))
            @php($isNew = $remedy !== null && $remedy['point'] !== ($advice['point'] ?? null) && ! $running)
            @if ($bench->mayWork() && ($isNew || $isSnag))
            <div class="deeds">
                @if ($isNew)<x-form :action="route('jobs.relays.store', $job)"><input type="hidden" name="protocol" value="{{ $survey->protocol }}"><input type="hidden" name="point" value="{{ $remedy['point'] }}"><button class="btn small">Add this relay</button></x-form>@endif
                @if ($isSnag)<x-form :action="route('jobs.snags.store', $job)" to="#drawer"><input type="hidden" name="slot" value="{{ $node->id }}"><input type="hidden" name="text" value="The link of the {{ $device->slot->title() }} is {{ $node->verdict->value }}."><button class="btn small">Raise a snag</button></x-form>@endif
            </div>
            @endif
        </li>
        @endforeach
    </ul>
</div>
@endif
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
