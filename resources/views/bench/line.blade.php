@php($current = $bench->line->tap($bench->station))
@php($urls = array_map(fn ($tap) => route($tap->station->route(), $bench->sheet->job), $bench->line->taps))
@php($jobs = route('jobs.index'))
<nav class="line" aria-label="Stations">
    <a class="brand" href="{{ $jobs }}" hx-boost="false">Kavvel</a>
    <ol class="taps">
        @foreach ($bench->line->taps as $tap)
        <li class="tap {{ $tap->isClear() ? 'is-clear' : '' }}">
            <svg class="cable" viewBox="0 0 40 100" preserveAspectRatio="none" aria-hidden="true">
                <line class="jacket-edge" x1="14.5" x2="14.5" y1="0" y2="100" vector-effect="non-scaling-stroke"/><line class="jacket-edge" x1="25.5" x2="25.5" y1="0" y2="100" vector-effect="non-scaling-stroke"/>
                <rect class="stripped" x="17" width="6" y="0" height="{{ round($tap->share * 100, 1) }}"/>
            </svg>
            <a href="{{ $urls[$loop->index] }}" data-key="{{ $tap->station->number() }}" @if ($tap->station === $bench->station) aria-current="page" @endif>
                <span class="knot" aria-hidden="true"></span>
                <span class="label"><strong>{{ $tap->station->title() }}</strong>@if ($tap->openWords !== '')<br><small>{{ $tap->openWords }}</small>@elseif ($tap->isClear())<br><small>clear</small>@endif</span>
            </a>
        </li>
        @endforeach
        <li class="tap spare" aria-hidden="true"><svg class="cable" viewBox="0 0 40 100" preserveAspectRatio="none"><line class="jacket-edge" x1="14.5" x2="14.5" y1="0" y2="100" vector-effect="non-scaling-stroke"/><line class="jacket-edge" x1="25.5" x2="25.5" y1="0" y2="100" vector-effect="non-scaling-stroke"/></svg></li>
    </ol>
    <details class="across">
        <summary>
            <svg class="strip" viewBox="0 0 500 20" preserveAspectRatio="none" aria-hidden="true">
                <line class="jacket-edge" x1="0" x2="500" y1="5" y2="5" vector-effect="non-scaling-stroke"/><line class="jacket-edge" x1="0" x2="500" y1="15" y2="15" vector-effect="non-scaling-stroke"/>
                @foreach ($bench->line->taps as $tap)<rect class="stripped" x="{{ $loop->index * 100 }}" y="7" height="6" width="{{ round($tap->share * 98, 1) }}"/>@if ($tap->station === $bench->station)<rect x="{{ $loop->index * 100 + 94 }}" y="1" width="10" height="18" fill="#ffffff"/>@endif @endforeach
            </svg>
            <span>{{ $current->station->title() }}{{ $current->openWords === '' ? '' : ' · '.$current->openWords }}</span>
            <span class="open-stations">Stations</span>
        </summary>
        <ul>
            @foreach ($bench->line->taps as $tap)
            <li><a href="{{ $urls[$loop->index] }}" @if ($tap->station === $bench->station) aria-current="page" @endif><strong>{{ $tap->station->title() }}</strong><span>{{ $tap->openWords }}</span></a></li>
            @endforeach
            <li><a href="{{ $jobs }}" hx-boost="false"><strong>All jobs</strong></a></li>
        </ul>
    </details>
</nav>
