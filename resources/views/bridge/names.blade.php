@php($rows = [])
@foreach ($columns as $key => $cells)
@foreach ($cells as $slot => $cell)
@php($rows[$cell->meant->room][$slot][$key] = $cell)
@endforeach
@endforeach
@php(ksort($rows))
<div class="wants">
<div class="wants-scroll" id="names-scroll" data-keeps-scroll tabindex="0" role="group" aria-label="Names in every ecosystem">
@if ($rows === [])
<p class="note">Nothing leads into an ecosystem yet.</p>
@else
<table class="register names-there"><caption class="visually-hidden">Names and rooms in every ecosystem</caption>
    <thead><tr><th scope="col">At the source</th>
        @foreach ($bridging->ecosystems as $key => $one)
        @php($column = $bench->url(['at' => "names {$key}"]))
        <th scope="col"><a class="name-column" href="{{ $column }}" @if ($ecosystem === $one) aria-current="true" @endif>{{
            $one->name }}<small>{{ $one->sheet->ecosystem()->followsNames ? 'follows a later name' : 'keeps the first name' }}{{
            $minutes[$key] === 0 ? '' : ", {$minutes[$key]} min" }}</small></a></th>
        @endforeach
    </tr></thead>
    <tbody>
    @foreach ($rows as $room => $devices)
    <tr class="wants-storey"><th colspan="{{ count($columns) + 1 }}" scope="rowgroup">{{ $room }}</th></tr>
    @foreach ($devices as $slot => $cells)
    @php($card = $bridging->card(trim($slot)))
    @php($source = reset($cells)->meant->source)
    <tr><th scope="row"><a href="{{ route('jobs.name', [$job, 'slot' => $card->key()]) }}">{{
        $source ?? Str::ucfirst($card->called) }}</a></th>
        @if ($source === null)
        <td colspan="{{ count($columns) }}"><span class="mark is-open">no name yet</span>
            <span class="quiet">wanted in {{ implode(' and ', array_map(fn ($key) => $bridging->ecosystems[$key]->name, array_keys($cells)))
            }}</span></td>
        @else
        @foreach ($bridging->ecosystems as $key => $one)
        @php($cell = $cells[$key] ?? null)
        <td @class(['is-expected' => $cell?->isSeen === false])><span class="cell-of">{{ $one->name }}: </span>@if ($cell === null)<span
            class="quiet">not wanted there</span>@else
            @if (! $cell->isNameRight && $cell->meant->name !== null)
            <strong>{{ $cell->meant->name }}</strong>
            <br><span class="name-there is-wrong">{{ $cell->shows === '' ? 'a code of its kind' : $cell->shows }}</span>
            @else
            <span class="name-there">{{ $cell->shows }}</span>
            @if ($cell->meant->name === null)<br><span class="mark is-open">no form of it fits</span>@endif
            @endif
            @if (! $cell->answers)<br><span class="mark is-open">does not answer there</span>@endif
            <br><small>{{ match (true) {
                $cell->isRoomRight => $room,
                $cell->room === null => 'room by hand',
                default => "in {$cell->room}: to be {$room}",
            } }}</small>@endif</td>
        @endforeach
        @endif
    </tr>
    @endforeach
    @endforeach
    </tbody>
</table>
@endif
</div>
<p class="legend"><span><em>slanted</em>: as it will arrive</span>
    <span><s>struck out</s>: to be set by hand to what stands above</span></p>
</div>
