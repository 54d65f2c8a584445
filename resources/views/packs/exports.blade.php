@use('Kavvel\Core\Bridging\FormWords')
@use('Kavvel\Core\Bridging\FunctionTable')
@use('Kavvel\Core\Bridging\Wrapper')
@if ($content->exports !== [])
<div class="page"><h2>What each box shows, and nothing else</h2>
@foreach ($content->exports as $export)
<div class="together"><h3>{{ Str::ucfirst($export->box) }}, {{ FormWords::of($export->form) }}</h3>
<p class="quiet">To {{ implode(' and ', $export->takers) }}. What is added to this list shows in all of them at once: its name comes
    first.</p>
<table>
@foreach ($export->devices as $key)
@php($card = $sheet->cards[Wrapper::rawOf($key)])
@php($made = $content->wrappers[$key] ?? null)
<tr><td>{{ $made?->made_name ?? $card->slot->name ?? $card->fullTitle() }}@if ($made !== null)
    <br><span class="quiet">made of {{ $card->calledInRoom() }}: {{ FunctionTable::words($made->wrapping->of()) }} as {{
    $made->wrapping->words() }}{{ $made->threshold() === null ? ', begins as '.$made->default_value
        : ', '.$made->threshold()->words($made->wrapping->unit()) }}{{ $made->measuredWords() }}</span>@endif</td>
    <td class="mono">{{ $made === null ? $card->node?->address : $made->mark }}</td></tr>
@endforeach
</table></div>
@endforeach
</div>
@endif
