<a class="btn plain !justify-start" href="{{ $bench->url(['slot' => null]) }}" data-key="n">← Back to the move</a>
<div>
    <p class="over"><span>{{ $cards[0]->where() }}</span></p>
    <h2>{{ count($cards) }} devices in one place</h2>
</div>
<ul class="rows">
    @foreach ($cards as $card)
    <li><a href="{{ $bench->url(['slot' => $card->key(), 'storey' => null]) }}"
        data-opens-slot>@chip($card->profile->protocol)<span>{{ $card->title() }}</span>
        <span class="end quiet">{{ $card->standing()->words() }}</span></a></li>
    @endforeach
</ul>
