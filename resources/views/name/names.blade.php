<div id="all-names" data-keeps-scroll tabindex="0" role="group" aria-label="All names" class="fit-middle names">
@forelse ($rows as $room => $devices)
<section aria-labelledby="names-{{ $loop->iteration }}">
    <h2 id="names-{{ $loop->iteration }}">{{ $room }}</h2>
    <ul class="rows">
        @foreach ($devices as $row)
        <li class="name-row {{ $row['to'] !== null ? 'is-changing' : '' }}">
            <a href="{{ route('jobs.name', [$job, 'next' => $row['key']]) }}" title="{{ $row['title'] }}">
                <span class="chip">{{ $row['tag'] }}</span>
                <span>{{ $row['name'] ?? $row['title'] }}
                    @if ($row['name'] === null)
                    <span class="quiet">no name yet</span>
                    @elseif ($row['isIn'] && ! $row['isNamed'])
                    <span class="quiet">not on the device yet</span>
                    @endif
                    @if ($row['label'] !== null)
                    <span class="quiet">on the device: {{ $row['label'] }}</span>
                    @endif</span></a>
            @if ($row['to'] !== null)
            <span class="becomes {{ $row['refusals'] === [] ? '' : 'is-refused' }}"><span class="visually-hidden">becomes</span>
                <span aria-hidden="true">→</span> {{ $row['to'] }}
                @if ($row['id'] !== null)
                <span class="measure quiet">{{ $row['id'] }}</span>
                @endif</span>
            @endif
            @foreach ($row['refusals'] as $why)
            <span class="name-why is-refused">Stays as it is: {{ $why }}</span>
            @endforeach
            @foreach ($row['warnings'] as $why)
            <span class="name-why">{{ $why }}</span>
            @endforeach
        </li>
        @endforeach
    </ul>
</section>
@empty
<p>Nothing is planned yet: there is nothing to name.</p>
@endforelse
</div>
