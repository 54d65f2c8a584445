@use('Kavvel\Core\Bridging\FormWords')
@if ($content->exports !== [])
<div class="page"><h2>What each box shows, and nothing else</h2>
@foreach ($content->exports as $export)
<div class="together"><h3>{{ Str::ucfirst($export->box) }}, {{ FormWords::of($export->form) }}</h3>
<p class="quiet">To {{ implode(' and ', $export->takers) }}. What is added to this list shows in all of them at once: its name comes
    first.</p>
<table>
@foreach ($export->devices as $key)
@php($card = $sheet->cards[$key])
<tr><td>{{ $card->slot->name ?? $card->fullTitle() }}</td><td class="mono">{{ $card->node?->address }}</td></tr>
@endforeach
</table></div>
@endforeach
</div>
@endif
