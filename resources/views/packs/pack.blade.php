<!doctype html>
<html lang="en"><head><meta charset="utf-8"><title>{{ $job->name }}, pack {{ $pack->number }}</title>
<style>
@page { margin: 18mm 18mm 20mm; }
body { font-family: 'DejaVu Sans'; font-size: 9.5pt; color: #12242b; line-height: 1.35; }
h1 { font-size: 26pt; margin: 50mm 0 4mm; } h2 { font-size: 15pt; margin: 0 0 3mm; } h3 { font-size: 11pt; margin: 5mm 0 1.5mm; }
.page { page-break-before: always; } .quiet { color: #3d5057; } .bar { width: 40mm; border-top: 2.2mm solid #a8480f; margin-bottom: 6mm; }
table { width: 100%; border-collapse: collapse; margin-bottom: 3mm; } th { text-align: left; font-size: 8pt; color: #3d5057; border-bottom: 0.4mm solid #12242b; padding: 1mm 2mm 1mm 0; }
td { border-bottom: 0.2mm solid #d4dad8; padding: 0.9mm 2mm 0.9mm 0; vertical-align: top; } tr { page-break-inside: avoid; }
.r { text-align: right; } .mono { font-family: 'DejaVu Sans Mono'; font-size: 7.5pt; } .rung { white-space: nowrap; }
.sign td { height: 13mm; vertical-align: bottom; border-bottom: 0.3mm solid #12242b; }
.together { page-break-inside: avoid; } .nowrap { white-space: nowrap; } .box { border-left: 1.2mm solid #6b4a00; background: #fff3cf; padding: 2mm 3mm; margin-bottom: 3mm; }
</style></head><body>
@php($mark = fn ($outcome) => match ($outcome?->value) { 'passed' => 'shown', 'failed' => 'FAILED', 'not-tested' => 'not tested', default => 'open' })
<h1>{{ $job->name }}</h1><div class="bar"></div>
<p style="font-size: 13pt">Handover pack {{ $pack->number }}, {{ $pack->asked_at->onSite()->format('j F Y') }}</p>
<p>For {{ $job->client_name }}<br>{{ $job->address }}</p>
<p class="quiet" style="margin-top: 12mm">These pages hold no code and no key; those are in the sealed sheet. The SHA-256 of this file stands beside it in Kavvel and in the logbook.</p>
<div class="box">Mains work is for people licensed for it. A smoke alarm sounds by itself and is never only a smart-home device. Local code and the makers’ sheets come first.</div>
<table style="margin-top: 12mm"><tr><th>In this pack</th></tr>
<tr><td>1 · Register of devices, room by room, with what was shown of each</td></tr><tr><td>2 · Radio links and plans</td></tr><tr><td>3 · What not to unplug</td></tr><tr><td>4 · Batteries</td></tr><tr><td>5 · Open points</td></tr><tr><td>6 · Signatures</td></tr></table>

<div class="page"><h2>1 · Register</h2>
<p class="quiet">Each device climbs a ladder: by hand, over its own radio, from the hub. “Open” means not shown yet.</p>
@foreach ($content->rooms as $room => $cards)
<div class="together"><h3>{{ $room }}</h3>
<table><tr><th style="width: 31%">Name</th><th style="width: 25%">Device</th><th style="width: 8%"></th><th>By hand</th><th>Radio</th><th>Hub</th></tr>
@foreach ($cards as $card)
<tr><td>{{ $card->slot->name ?? $card->title() }}@if (! $card->isIn()) <span class="quiet">(planned)</span>@endif</td><td>{{ $card->profile->name }} <span class="quiet mono">{{ $card->profile->model }}</span></td><td class="mono">{{ $card->tag() }}</td>
@foreach (Kavvel\Core\Proving\Rung::cases() as $rung)<td class="rung {{ $card->ladder->outcome($rung)?->value === 'passed' ? '' : 'quiet' }}">{{ $card->isIn() ? $mark($card->ladder->outcome($rung)) : '–' }}</td>@endforeach</tr>
@endforeach</table></div>
@endforeach</div>

<div class="page"><h2>2 · Radio links</h2>
@if ($content->mesh === null)<p>No survey was made.</p>@else
<p>Zigbee survey of {{ $content->survey->ended_at->onSite()->format('j F Y, H:i') }}: {{ count($content->mesh->nodes) }} devices,
{{ $content->mesh->count(Kavvel\Core\Mesh\Verdict::Accepted) }} accepted, {{ $content->mesh->count(Kavvel\Core\Mesh\Verdict::Thin) }} thin, {{ $content->mesh->count(Kavvel\Core\Mesh\Verdict::Lost) }} lost. A link is accepted from {{ $job->acceptance_db }} dB of margin on.</p>
@php($weak = $content->mesh->unaccepted([]))
@if ($weak !== [])<table><tr><th>Not accepted</th><th class="r">Weakest link</th><th>Stands</th></tr>@foreach ($weak as $node)<tr><td>{{ $sheet->card($node->id)?->fullTitle() ?? $node->id }}</td><td class="r nowrap">{{ $node->weakestDb === null ? 'none' : Kavvel\Core\Radio\Margin::text($node->weakestDb) }}</td><td>{{ $node->verdict->value }}</td></tr>@endforeach</table>@endif
@if ($content->mesh->singlePoints !== [])<table><tr><th>If this goes</th><th>these go with it</th></tr>@foreach ($content->mesh->singlePoints as $point)<tr><td>{{ $sheet->card($point->id)?->fullTitle() ?? $point->id }}</td><td>{{ implode('; ', array_map(fn ($id) => $sheet->card($id)?->fullTitle() ?? $id, $point->strands)) }}</td></tr>@endforeach</table>@endif
@endif
@foreach ($plans as $plan)<div style="page-break-inside: avoid"><h3>{{ $plan['name'] }}</h3><img style="width: {{ $plan['widthMm'] }}mm" src="{{ $plan['src'] }}" alt="Plan of {{ $plan['name'] }}"></div>@endforeach
</div>

<div class="page"><h2>3 · What not to unplug</h2>
<p>These devices pass messages on for their neighbours. Leave them plugged in and switched on.</p>
<table><tr><th>Device</th><th>Why</th></tr>@forelse ($content->keepPlugged as $row)<tr><td>{{ $row['card']->slot->name ?? $row['card']->fullTitle() }}</td><td>{{ $row['why'] }}</td></tr>@empty<tr><td colspan="2">No device relays yet.</td></tr>@endforelse</table>

<h2 style="margin-top: 8mm">4 · Batteries</h2>
<p class="quiet">Forecast for the shortest-lived device of each type, from the day it joined; the range allows for a third more or less use.</p>
<table><tr><th>Type</th><th class="r">Cells</th><th class="nowrap">First due</th><th>Lasts, years</th><th>In</th></tr>
@forelse ($content->batteries as $type => $battery)<tr><td>{{ $type }}</td><td class="r">{{ $battery['cells'] }}</td><td class="nowrap">{{ $battery['due'] }}</td><td class="nowrap">{{ number_format($battery['shortest']->years, 1) }} ({{ number_format($battery['shortest']->low, 1) }}–{{ number_format($battery['shortest']->high, 1) }})</td><td>{{ implode('; ', array_map(fn ($card) => $card->slot->name ?? $card->fullTitle(), $battery['slots'])) }}</td></tr>
@empty<tr><td colspan="5">No battery device is in yet.</td></tr>@endforelse</table>

<h2 style="margin-top: 8mm">5 · Open points</h2>
@if ($content->snags->isEmpty())<p>None.</p>@else<table><tr><th style="width: 62%">What</th><th>Accepted by</th></tr>@foreach ($content->snags as $snag)<tr><td>{{ $snag->text }}</td><td>{{ $snag->accepted_by ?? 'open' }}{{ $snag->closed_at ? ', '.$snag->closed_at->onSite()->format('j M Y') : '' }}</td></tr>@endforeach</table>@endif

<div style="page-break-inside: avoid"><h2 style="margin-top: 8mm">6 · Signatures</h2>
<table class="sign"><tr><td style="width: 48%"></td><td style="border: 0; width: 4%"></td><td></td></tr></table>
<table><tr><td style="width: 52%; border: 0">{{ $job->client_name }}, client · date</td><td style="border: 0">{{ $pack->user?->name ?? 'Lead' }}, for the installer · date</td></tr></table></div></div>
</body></html>
