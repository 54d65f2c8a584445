@php($between = fn (array $through): string => $through === [] ? 'Nothing stands between them on the plan'
    : 'Through '.implode(', ', $through))
@if ($house->obstacles !== [] || $house->unheard !== [])
<div>
    <h3>What the plan does not show</h3>
    @php($likely = array_slice($house->likely(), 0, 3))
    @if ($likely !== [])
    <p class="note"><strong>Look first at: {{ $likely[0]->label }}.</strong>
        {{ $likely[0]->good === 0 ? 'Every link' : "{$likely[0]->bad} of ".($likely[0]->bad + $likely[0]->good).' links' }} through it
        {{ $likely[0]->good === 0 ? 'is' : 'are' }} far worse than by the plan. Foil, a mirror, steel, a rack, a tank?
        {{ count($likely) === 1 ? '' : 'Then: '.implode('; ', array_map(fn ($one) => $one->label, array_slice($likely, 1))).'.' }}</p>
    @endif
    <ul class="rows hidden-things">
        @foreach ($house->hidden() as [$path, $obstacle])
        <li><span><strong>{{ Str::ucfirst($title($path->pair->a->key)) }} – {{ $title($path->pair->b->key) }}</strong></span>
            <span class="end measure">{{ $db($obstacle->worseDb) }} worse</span>
            <span class="quiet">{{ $between($path->pair->through) }}.</span></li>
        @endforeach
        @foreach ($house->unheard as $pair)
        <li><span><strong>{{ Str::ucfirst($title($pair->a->key)) }} – {{ $title($pair->b->key) }}</strong></span>
            <span class="end measure">not heard</span>
            <span class="quiet">{{ $between($pair->through) }}; by the plan {{
                $db($pair->bare->worseDb() - $fit->clutter->lossDb($pair->distanceM)) }}.</span></li>
        @endforeach
    </ul>
</div>
@elseif ($fit->isUsed)
<p class="note done">No link is far worse than the plan lets expect: nothing hidden was found.</p>
@endif
