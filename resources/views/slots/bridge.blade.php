@php($bridge = $bench->sheet->bridgeOf($card))
@if ($open->bridgeCount !== null)
<div>
    <h3>Behind it</h3>
    <p class="quiet">{{ $card->isIn() ? $open->bridgeCount->words() : 'Seen once it is in.' }}</p>
    <x-slot-rows :bench="$bench" :cards="$bench->sheet->behind($card)"/>
</div>
@elseif ($bridge !== null)
<p>Behind the <a class="underline" href="{{ $bench->url(['slot' => $bridge->key()]) }}" data-opens-slot>{{ $bridge->called }}</a>.
    <span class="quiet">It is taken out there, in the bridge’s own app.</span></p>
@if ($card->node !== null && ! $card->node->is_reachable)
<p class="note danger">It does not answer behind its bridge: its power, its battery, or its way to the bridge.</p>
@endif
@endif
