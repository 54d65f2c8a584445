@if ($content->bridging !== null)
@php($bridging = $content->bridging)
<div class="together"><h3>Boxes in the network of the house</h3>
<p class="quiet">No port is opened to the house for any of them.</p>
<table><thead><tr><th style="width: 20%">Box</th><th>Firmware</th><th style="width: 24%">Segment, address</th><th>Has to talk with</th>
    <th>Internet</th></tr></thead>
@foreach ($content->network as $need)
@php($box = $bridging->boxes[$need->box] ?? null)
<tr><td>{{ $box->name ?? Str::ucfirst($bridging->boxName($need->box)) }}</td><td class="mono">{{ $box->firmware ?? '–' }}</td>
    <td>{{ $box?->address === null ? 'not noted' : implode(', ', array_filter([
        $box->segment, $box->address, $box->is_reserved ? 'reserved' : 'not reserved'])) }}</td>
    <td>{{ implode(', ', $need->peers) }}</td><td>{{ $need->needsInternet ? 'has to reach it' : 'needs none' }}</td></tr>
@endforeach
</table></div>
<div class="together"><h3>Ecosystems</h3>
<table><thead><tr><th style="width: 34%">Ecosystem</th><th>Release</th><th>Account of</th></tr></thead>
@foreach ($bridging->ecosystems as $one)
<tr><td>{{ $one->name }}</td><td class="mono">{{ $one->matter_release ?? $one->sheet->ecosystem()->release->text ?? '–' }}</td>
    <td>{{ $one->account_of ?? '–' }}</td></tr>
@endforeach
</table></div>
@endif
