@php($nameOf = fn (string $key): string => $sheet->cards[$key]->slot->name ?? $sheet->cards[$key]->fullTitle())
<div class="together"><h2 class="next">6 · Batteries</h2>
<p class="quiet">Forecast for the shortest-lived device of each type, from the day it joined; the range allows for a third more or
    less use.</p>
<table><tr><th>Type</th><th class="r">Cells</th><th class="nowrap">First due</th><th>Lasts, years</th><th>In</th></tr>
@forelse ($content->batteries as $row)
<tr><td>{{ $row->type }}</td><td class="r">{{ $row->cells }}</td><td class="nowrap">{{ $row->due->format('Y-m') }}</td>
<td class="nowrap">{{ $row->shortest->words() }}</td><td>{{ implode('; ', array_map($nameOf, $row->ids)) }}</td></tr>
@empty
<tr><td colspan="5">No battery device is in yet.</td></tr>
@endforelse
</table></div>
