@php($byRoom = $bench->sheet->cardsByRoom())
<section class="room-list" aria-label="List of {{ $bench->sheet->geometry->storey($bench->storey)['name'] ?? '' }}" data-filtered>
    <label class="field"><span>Search this storey</span><input type="search" data-filter autocomplete="off"></label>
    @foreach ($bench->sheet->geometry->roomsOn($bench->storey) as $room)
    @php($cards = $byRoom[$room['id']] ?? [])
    <div data-group>
        <h2>{{ $room['name'] }}</h2>
        @if ($cards === [])
        <p class="quiet">No slots.</p>
        @else
        <ul class="rows">
            @foreach ($cards as $card)
            <li><a href="{{ $bench->url(['slot' => $card->key(), 'storey' => null]) }}" data-opens-slot>
                @chip($card->profile->protocol)
                <span>{{ $card->title() }}</span>
                <span class="end">{{ $drawing->shade === null ? $card->standing()->words()
                    : $bench->move->lens->labels[$card->key()] ?? '' }}</span>
            </a></li>
            @endforeach
        </ul>
        @endif
    </div>
    @endforeach
</section>
