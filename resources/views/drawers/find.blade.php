<x-drawer title="Find" :job="$job">
    <form action="{{ route('jobs.find', $job) }}" method="get" role="search" hx-get="{{ route('jobs.find', $job) }}" hx-target="#drawer"
        hx-trigger="submit, input changed delay:250ms from:#find-q" hx-swap="innerHTML" hx-sync="this:replace">
        <label class="field"><span>Room, slot, name, model or address</span>
            <input id="find-q" name="q" value="{{ $query }}" autofocus autocomplete="off"></label>
    </form>
    <ul class="rows" aria-live="polite">
        @foreach ($hits as $hit)
        <li><a href="{{ $hit['url'] }}"><span>{{ $hit['title'] }}</span>
            <span class="end quiet">{{ $hit['kind'] }}{{ $hit['detail'] === '' ? '' : ', '.$hit['detail'] }}</span></a></li>
        @endforeach
        @if ($query !== '' && $hits === [])
        <li>Nothing is called “{{ $query }}”. Try a room, or the last digits of an address.</li>
        @endif
    </ul>
</x-drawer>
