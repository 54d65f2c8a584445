@php($rows = $van->list->rows())
@php($byRoom = $van->visit->byRoom())
<div id="fit-van" data-keeps-scroll tabindex="0" role="group" aria-label="Van list" class="fit-middle prints">
<h2 class="text-xl font-bold">{{ $job->name }}, visit {{ $van->visit->number }}</h2>
@if ($rows === [])
<p class="quiet">Nothing has to be brought for it.</p>
@else
<table class="register"><caption class="visually-hidden">What the van has to bring</caption>
    @foreach (collect($rows)->groupBy(fn ($row) => $row->kind->words()) as $kind => $own)
    <tbody>
        <tr class="wants-storey"><th colspan="3" scope="rowgroup">{{ $kind }}</th></tr>
        @foreach ($own as $row)
        <tr><th scope="row">{{ $row->what }}</th><td class="tabular-nums">{{ $row->count }}</td><td class="quiet">{{ $row->why }}</td></tr>
        @endforeach
    </tbody>
    @endforeach
</table>
@endif
@if ($byRoom !== [])
<table class="register"><caption class="visually-hidden">How long the work of each room takes</caption>
    <tbody>
        <tr class="wants-storey"><th colspan="2" scope="rowgroup">Room by room, minutes</th></tr>
        @foreach ($byRoom as $room => $minutes)
        <tr><th scope="row">{{ $van->roomName((string) $room) }}</th><td class="tabular-nums">{{ $minutes }}</td></tr>
        @endforeach
    </tbody>
</table>
@endif
</div>
