@use('Kavvel\Core\Mesh\FindingKind')
@use('Kavvel\Core\Radio\Margin')
<div>
    <h3>What the reading says</h3>
    <ul class="rows">
        @foreach ($findings as $finding)
        @php($who = implode(', ', array_map($title, $finding->dependants)))
        @php($many = count($finding->dependants))
        <li class="finding {{ $finding->harmsVital() ? 'is-vital' : '' }}"><span>
            @switch ($finding->kind)
            @case (FindingKind::SinglePoint)
            <strong>If the {{ $title($finding->ids[0]) }} goes,</strong> {{ $many }} {{ $many === 1 ? 'goes' : 'go' }} with it: {{ $who }}.
            @break
            @case (FindingKind::Removable)
            <strong>The {{ $title($finding->ids[0]) }} can be unplugged or switched off,</strong> and {{ $many === 1
                ? 'one goes' : "{$many} go" }} through it: {{ $who }}.
            @break
            @case (FindingKind::WeakLink)
            <strong>Weak link: {{ $title($finding->ids[0]) }} to {{ $title($finding->ids[1]) }}.</strong>
            {{ $many === 0 ? 'Nobody’s way leads over it.' : "The way of {$who}." }}
            @break
            @case (FindingKind::OneWay)
            <strong>The {{ $title($finding->ids[0]) }} has one accepted way only{{ $many === 0 ? '.' : ',' }}</strong>
            {{ $many === 0 ? '' : 'and '.($many === 1 ? 'one goes' : "{$many} go").' through it.' }} A second relay near would give another.
            @break
            @case (FindingKind::Uneven)
            <strong>Uneven: {{ $title($finding->ids[0]) }} and {{ $title($finding->ids[1]) }}.</strong>
            {{ $many === 0 ? 'Nobody’s way leads over it.' : "The way of {$who}." }}
            @break
            @endswitch
            @if ($finding->harmsVital())
            <span class="vital">Among them what must not fail.</span>
            @endif
        </span>
            @if ($finding->db !== null)
            <span class="end measure">{{ $finding->kind === FindingKind::Uneven ? round($finding->db).' dB apart'
                : Margin::text($finding->db) }}</span>
            @endif
        </li>
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
        @if ($isGood && $findings === [])
        <li>No thin links, no single points.</li>
        @endif
    </ul>
    @includeWhen($routes !== [], 'mesh.routes')
    @if ($radio->protocol->rules()->routes() !== null)
    <a class="btn w-full mt-2" href="{{ route('jobs.mesh', [$job, 'show' => 'what-if', 'lens' => $radio->protocol->value]) }}">What if …</a>
    @endif
    <a class="btn w-full mt-2" href="{{ route('jobs.mesh', [$job, 'show' => 'house']) }}">Plan against measured</a>
</div>
@include('mesh.files')
