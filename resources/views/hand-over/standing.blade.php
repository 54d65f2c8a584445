<a class="btn plain !justify-start" href="{{ route('jobs.hand-over', $job) }}" data-key="n">← Back to the move</a>
<div>
    <p class="over"><span>Hand over</span></p>
    <h2>{{ count($cards) }} {{ $standing->words() }}</h2>
</div>
<x-slot-rows :bench="$bench" :cards="$cards"
    :end="fn ($card) => $card->ladder->next()?->words($card->profile->protocol->rules()->joining()) ?? ''"/>
