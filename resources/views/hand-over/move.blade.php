@use('Kavvel\Core\Handover\HandoverMove')
@php($next = ($packs->first()->number ?? 0) + 1)
<div>
    <p class="over"><span>Next move</span><span>{{ $standings['proved'] }} done, {{ $standings['in'] }} in, {{ $standings['planned'] }}
        planned</span></p>
    @switch($kind)
        @case(HandoverMove::Wait)
            <h2>Pack {{ $making->number }} is being made</h2>
            <p class="why">{{ Str::ucfirst($making->step ?? 'waiting for its turn') }}. You can go on; it ends by itself.</p>
            @break
        @case(HandoverMove::Settle)
            <h2>Settle {{ $snags === 1 ? 'the last snag' : 'a snag' }}</h2>
            <p class="why">{{ $snags === 1 ? 'One is' : $snags.' are' }} open. Nothing is handed over with an open snag,
                unless the client accepts it by name.</p>
            @break
        @case(HandoverMove::Close)
            <h2>Close what was opened for the work</h2>
            <p class="why">It was for the work only. Nothing is handed over with it.</p>
            @break
        @case(HandoverMove::GoThrough)
            <h2>Go through pack {{ $lastPack->number }} with the client</h2>
            <p class="why">It says how things are: nothing has been done since. Both sign its last page.</p>
            @break
        @default
            <h2>Make pack {{ $next }}</h2>
            <p class="why">{{ $lastPack
                ? ($changes === 1 ? 'One thing has' : "{$changes} things have")." been done since pack {$lastPack->number}."
                : 'No snag is open. The pack prints the register, the links, the batteries and what not to unplug; '
                    .'no code or key is in it.' }}</p>
    @endswitch
</div>
@include('hand-over.act')
@if ($standings['in'] + $standings['planned'] + $standings['fault'] > 0)
<div>
    <h3>What the pack says is open</h3>
    <ul class="rows">
        @foreach (['fault' => 'with a fault', 'in' => 'in, not proved on every rung', 'planned' => 'still planned'] as $standing => $words)
        @if ($standings[$standing] > 0)
        <li><a href="{{ route('jobs.hand-over', [$job, 'show' => $standing]) }}"><span>{{ $standings[$standing] }} {{ $words }}</span>
            <span class="end quiet">list</span></a></li>
        @endif
        @endforeach
    </ul>
</div>
@endif
@include('hand-over.packs')
