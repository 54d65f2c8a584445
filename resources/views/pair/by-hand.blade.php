@if ($byHand !== [])
<details id="by-hand" @if ($isAll ?? false) open @endif><summary>{{ count($byHand) }} to put in by hand</summary>
    <p class="quiet">No hub opens a window over its link for
        {{ implode(', ', array_unique(array_map(fn ($card) => $card->profile->protocol->title(), $byHand))) }}.
        Put each of these in where it belongs, then open it here and write it down.</p>
    <x-slot-rows :bench="$bench" :cards="$byHand"/>
</details>
@endif
