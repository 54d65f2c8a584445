@props(['bench', 'cards', 'end' => fn ($card) => ''])
@php($rooms = collect($cards)->groupBy(fn ($card) => $card->roomId))
<div data-filtered>
    @if (count($cards) > 12)
    <label class="field"><span>Search these {{ count($cards) }}</span><input type="search" data-filter autocomplete="off"></label>
    @endif
    @foreach ($rooms as $id => $inRoom)
    <div data-group>
        <h3>{{ $bench->sheet->geometry->roomTitle($bench->sheet->geometry->rooms[$id]) }}</h3>
        <ul class="rows">
            @foreach ($inRoom as $card)
            <li><a href="{{ $bench->url(['slot' => $card->key(), 'storey' => null]) }}" data-opens-slot>
                @chip($card->profile->protocol)
                <span>{{ $card->title() }}</span>
                <span class="end quiet">{{ $end($card) }}</span>
            </a></li>
            @endforeach
        </ul>
    </div>
    @endforeach
</div>
