@php($current = $bench->line->tap($bench->station))
@php($jobs = route('jobs.index'))
@php($width = 500 / count($bench->line->taps))
<nav class="line" aria-label="Stations">
    <a class="brand" href="{{ $jobs }}" hx-boost="false">Kavvel</a>
    <ol class="taps">
        @foreach ($bench->line->taps as $tap)
        <li class="tap {{ $tap->progress->isClear() ? 'is-clear' : '' }}">
            <svg class="cable" viewBox="0 0 40 100" preserveAspectRatio="none" aria-hidden="true">
                <line class="jacket-edge" x1="14.5" x2="14.5" y1="0" y2="100" vector-effect="non-scaling-stroke"/>
                <line class="jacket-edge" x1="25.5" x2="25.5" y1="0" y2="100" vector-effect="non-scaling-stroke"/>
                <rect class="stripped" x="17" width="6" y="0" height="{{ round($tap->progress->share * 100, 1) }}"/>
            </svg>
            <a href="{{ route($tap->route(), $job) }}" data-key="{{ $tap->number }}" @if ($tap->name === $bench->station)
                aria-current="page" @endif>
                <span class="knot" aria-hidden="true"></span>
                <span class="label"><strong>{{ $tap->title }}</strong>
                    @if ($tap->progress->words !== '')<br><small>{{ $tap->progress->words }}</small>
                    @elseif ($tap->progress->isClear())<br><small>clear</small>
                    @endif
                </span>
            </a>
        </li>
        @endforeach
        <li class="tap spare" aria-hidden="true">
            <svg class="cable" viewBox="0 0 40 100" preserveAspectRatio="none">
                <line class="jacket-edge" x1="14.5" x2="14.5" y1="0" y2="100" vector-effect="non-scaling-stroke"/>
                <line class="jacket-edge" x1="25.5" x2="25.5" y1="0" y2="100" vector-effect="non-scaling-stroke"/>
            </svg>
        </li>
    </ol>
    <details class="across" id="stations">
        <summary>
            <svg class="strip" viewBox="0 0 500 20" preserveAspectRatio="none" aria-hidden="true">
                <line class="jacket-edge" x1="0" x2="500" y1="5" y2="5" vector-effect="non-scaling-stroke"/>
                <line class="jacket-edge" x1="0" x2="500" y1="15" y2="15" vector-effect="non-scaling-stroke"/>
                @foreach ($bench->line->taps as $tap)
                <rect class="stripped" x="{{ round($loop->index * $width, 1) }}" y="7" height="6"
                    width="{{ round($tap->progress->share * ($width - 2), 1) }}"/>
                @if ($tap->name === $bench->station)
                <rect x="{{ round(($loop->index + 1) * $width - 6, 1) }}" y="1" width="6" height="18" fill="#ffffff"/>
                @endif
                @endforeach
            </svg>
            <span>{{ $current->title }}{{ $current->progress->words === '' ? '' : ' · '.$current->progress->words }}</span>
            <span class="open-stations">Stations</span>
        </summary>
        <ul>
            @foreach ($bench->line->taps as $tap)
            <li><a href="{{ route($tap->route(), $job) }}" @if ($tap->name === $bench->station) aria-current="page" @endif>
                <strong>{{ $tap->title }}</strong><span>{{ $tap->progress->words }}</span>
            </a></li>
            @endforeach
            <li><a href="{{ $jobs }}" hx-boost="false"><strong>All jobs</strong></a></li>
        </ul>
    </details>
</nav>
