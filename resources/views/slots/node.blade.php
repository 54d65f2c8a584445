@if ($card->node)
<table class="breakdown"><caption class="visually-hidden">Its node</caption><tbody>
    <tr><td>Name</td><td class="!whitespace-normal !font-sans">{{ $slot->name ?? 'none yet' }}{{ $slot->name && ! $slot->named_at
        ? ' (not on the device yet)' : '' }}</td></tr>
    <tr><td>Address</td><td class="break-all !whitespace-normal">{{ $card->node->address }}</td></tr>
    @if (count($bench->sheet->hubs) > 1 && $card->hub)
    <tr><td>Hub</td><td>{{ $card->hub->gateway->name }}</td></tr>
    @endif
    <tr><td>Firmware</td><td>{{ $card->node->firmware ?? 'not reported' }}</td></tr>
    @if ($card->node->battery_percent !== null)
    <tr><td>Battery</td><td>{{ $card->node->battery_percent }} %</td></tr>
    @endif
</tbody></table>
@if (! $card->isIn())
<p class="note danger">It has left the network, and counts as out.
    @if ($card->isLinked())<a class="underline" href="{{ route('jobs.pair', [$job, 'next' => $card->key()]) }}">Pair it again</a>.@endif</p>
@endif
@endif
