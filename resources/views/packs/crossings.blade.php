@if ($content->crossings !== [])
<div class="page"><h2>Operated from each, seen in each</h2>
<p class="quiet">The middle of the times until it was seen, and the worst, in seconds.</p>
@foreach ($content->crossings as $run)
@php($test = $run->result())
@php($name = fn (string $key): string => $content->bridging->ecosystems[$key]->name ?? $key)
@php($card = $sheet->cards[$run->slot_key])
<div class="together"><h3>{{ $card->slot->name ?? $card->fullTitle() }}</h3>
<p class="quiet">{{ $run->by }}, {{ $run->ended_at->onSite()->format('j F Y, H:i') }}.</p>
<table><tr><th>From</th>@foreach ($test->observers as $observer)<th>seen in {{ $name($observer) }}</th>@endforeach</tr>
@foreach ($test->origins as $origin)
<tr><td>{{ $name($origin) }}</td>
@foreach ($test->observers as $observer)
@php($cell = $test->cell($origin, $observer))
<td>{{ implode(', ', array_filter([
    $cell->times === [] ? null : number_format($cell->medianMs() / 1000, 1).', worst '.number_format($cell->worstMs() / 1000, 1),
    $cell->verdict->isGood() ? null : $cell->verdict->words(),
])) }}</td>
@endforeach
</tr>
@endforeach
</table>
@foreach ($test->faults() as $fault)<p>{{ $fault->words($name) }}</p>@endforeach
</div>
@endforeach
</div>
@endif
