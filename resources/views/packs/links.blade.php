@use('Kavvel\Core\Mesh\Verdict')
@use('Kavvel\Core\Radio\Margin')
@php($titleOf = fn (string $id): string => $sheet->card($id)?->fullTitle() ?? $id)
<div class="page"><h2>2 · Radio links</h2>
@if ($content->readings === [])
<p>No radio was read.</p>
@endif
@foreach ($content->readings as $read)
@php($mesh = $read->mesh->report)
<p>{{ $read->reading->protocol->title() }}, read {{ $read->reading->ended_at->onSite()->format('j F Y, H:i') }}:
    {{ count($mesh->nodes) }} devices,
{{ $mesh->count(Verdict::Accepted) }} accepted, {{ $mesh->count(Verdict::Thin) }} thin, {{ $mesh->count(Verdict::Lost) }} lost.
A link is accepted from {{ $read->mesh->acceptedFromDb }} dB of margin on.</p>
@php($weak = $mesh->unaccepted([]))
@if ($weak !== [])
<table><tr><th>Not accepted</th><th class="r">Weakest link</th><th>Stands</th></tr>
@foreach ($weak as $node)
<tr><td>{{ $titleOf($node->id) }}</td><td class="r nowrap">{{ $node->weakestDb === null ? 'none' : Margin::text($node->weakestDb) }}</td>
<td>{{ $node->verdict->value }}</td></tr>
@endforeach
</table>
@endif
@if ($mesh->singlePoints !== [])
<table><tr><th>If this goes</th><th>these go with it</th></tr>
@foreach ($mesh->singlePoints as $point)
<tr><td>{{ $titleOf($point->id) }}</td><td>{{ implode('; ', array_map($titleOf, $point->strands)) }}</td></tr>
@endforeach
</table>
@endif
@endforeach
@foreach ($plans as $plan)
<div class="together"><h3>{{ $plan['name'] }}</h3>
<img style="width: {{ $plan['widthMm'] }}mm" src="{{ $plan['src'] }}" alt="Plan of {{ $plan['name'] }}"></div>
@endforeach
</div>
