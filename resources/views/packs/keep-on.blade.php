<h2>3 · What not to unplug</h2>
<p>These devices pass messages on for their neighbours, or feed what must stay on. Leave them plugged in and switched on.</p>
<table><tr><th>Device</th><th>Why</th></tr>
@forelse ($content->keepOn as $kept)
@php($card = $sheet->cards[$kept->id])
<tr><td>{{ $card->slot->name ?? $card->fullTitle() }}</td><td>{{ $kept->why }}</td></tr>
@empty
<tr><td colspan="2">No device relays yet.</td></tr>
@endforelse
</table>
