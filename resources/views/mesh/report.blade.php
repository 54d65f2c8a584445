@use('Kavvel\Core\Radio\Margin')
<div>
    <h3>What the reading says</h3>
    <ul class="rows">
        @foreach ($report->weakLinks as $link)
        <li><span>Weak link: {{ $title($link->a) }} to {{ $title($link->b) }}</span>
            <span class="end measure">{{ Margin::text($link->worseDb()) }}</span></li>
        @endforeach
        @foreach ($report->singlePoints as $point)
        <li><span><strong>If the {{ $title($point->id) }} goes,</strong> {{ count($point->strands) }}
            {{ count($point->strands) === 1 ? 'goes' : 'go' }} with it: {{ implode(', ', array_map($title, $point->strands)) }}.</span></li>
        @endforeach
        @foreach ($report->removableInUse as $id)
        <li><span>Others reach the hub through the {{ $title($id) }}, which can be unplugged or switched off.</span></li>
        @endforeach
        @if ($report->oneWayRouters !== [])
        <li><span>One accepted way only: {{ implode(', ', array_map($title, $report->oneWayRouters)) }}. A second relay near would give
            another.</span></li>
        @endif
        @foreach ($report->asymmetricLinks as $link)
        <li><span>Uneven: {{ $title($link->a) }} and {{ $title($link->b) }}</span>
            <span class="end measure">{{ round($link->differenceDb()) }} dB apart</span></li>
        @endforeach
        @foreach ($report->notes as $note)
        <li><span>{{ $note }}</span></li>
        @endforeach
        @if ($asleep !== [])
        @php($many = count($asleep))
        <li><span>{{ $many === 1 ? 'One device sleeps, and has not said what it hears'
            : "{$many} devices sleep, and have not said what they hear" }}:
            {{ implode(', ', array_map(fn ($card) => $card->slot->title(), $asleep)) }}. Open them, press them, walk past them: that counts
            at once.</span></li>
        @endif
        @foreach ($unmatched as $node)
        <li><span><span class="measure">{{ $node->id }}</span> belongs to no slot.</span></li>
        @endforeach
        @if ($isGood && $report->singlePoints === [])
        <li>No thin links, no single points.</li>
        @endif
    </ul>
    @if ($radio->protocol->rules()->routes() !== null)
    <a class="btn w-full mt-2" href="{{ route('jobs.mesh', [$job, 'show' => 'what-if', 'lens' => $radio->protocol->value]) }}">What if …</a>
    @endif
    <a class="btn w-full mt-2" href="{{ route('jobs.mesh', [$job, 'show' => 'house']) }}">Plan against measured</a>
</div>
@include('mesh.files')
