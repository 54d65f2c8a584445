<div>
    <p class="over"><span>Who is who</span></p>
    <h2>{{ count($sure) === 1 ? 'One can only be one' : count($sure).' can only be one each' }}</h2>
    <x-tally :tally="$bench->tally()"/>
    <p class="why">Of its model it is the only one that is nobody’s, and one slot alone waits for it.</p>
</div>
<ul class="rows">
    @foreach ($sure as ['node' => $node, 'card' => $card])
    <li>@chip($card->profile->protocol)<span>{{ $card->fullTitle() }}<br>
        <span class="quiet"><span class="measure">{{ $node->address }}</span> {{ $node->model }}</span></span></li>
    @endforeach
</ul>
@if ($mayWork)
<div class="thumb">
    <x-form :action="route('jobs.sure-matches.store', $job)">
        <input type="hidden" name="seen" value="{{ implode(' ', array_map(
            fn (array $one): string => "{$one['card']->key()}={$one['node']->address}",
            $sure,
        )) }}">
        <button class="big" id="big" data-move="sure-{{ count($sure) }}" data-key="n">{{ count($sure) === 1 ? 'Match it'
            : 'Match these '.count($sure) }}</button>
    </x-form>
</div>
@endif
