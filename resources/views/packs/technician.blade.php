@php($in = array_filter($sheet->cards, fn ($card) => $card->isIn()))
<div class="page"><h2>10 · For the next technician</h2>
<table><tr><th>Hub</th><th>Networks and channels</th></tr>
@foreach ($sheet->hubs as $hub)
<tr><td>{{ $hub->gateway->name }}</td><td>{{ $hub->gateway->networks()->orderBy('id')->get()
    ->map(fn ($network) => $network->protocol->title().($network->channel ? ", channel {$network->channel}" : ''))
        ->implode('; ') }}</td></tr>
@endforeach
</table>
<table><tr><th style="width: 34%">Device</th><th style="width: 8%"></th><th>Address</th><th>Model</th><th>Firmware</th></tr>
@foreach ($in as $card)
<tr><td>{{ $card->slot->name ?? $card->fullTitle() }}</td><td class="mono">{{ $card->tag() }}</td>
    <td class="mono">{{ $card->node->address }}</td>
<td class="mono">{{ $card->node->model }}</td><td class="mono">{{ $card->node->firmware ?? '–' }}</td></tr>
@endforeach
</table>
@include('packs.network')
</div>
