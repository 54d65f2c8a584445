@if ($elsewhere !== [])
<details @if ($isAll ?? false) open @endif><summary>{{ count($elsewhere) }} to pair at their own controller</summary>
    <p class="quiet">The hub opens no windows for {{ implode(', ', array_unique(array_map(fn ($card) => Kavvel\Core\Catalogue\Profile::protocolName($card->profile->protocol), $elsewhere))) }} over the link. Pair each of these there, then open it here and write down its address.</p>
    <ul class="rows">
        @foreach ($elsewhere as $card)
        <li><a href="{{ $bench->url(['slot' => $card->key(), 'storey' => null]) }}" data-opens-slot>@chip($card->profile->protocol)<span>{{ $card->fullTitle() }}</span></a></li>
        @endforeach
    </ul>
</details>
@endif
