@use('Kavvel\Core\Proving\Outcome')
@use('Kavvel\Core\Proving\Rung')
@php($mark = fn (?Outcome $outcome): string => match ($outcome) {
    Outcome::Passed => 'shown', Outcome::Failed => 'FAILED', Outcome::NotTested => 'not tested', default => 'open',
})
<div class="page"><h2>1 · Register</h2>
<p class="quiet">Each device climbs a ladder: by hand, over its own radio, from the hub. “Open” means not shown yet.</p>
<p class="quiet tags">@foreach ($content->protocols as $protocol)<span>
    <b class="mono">{{ $protocol->tag() }}</b> {{ $protocol->title() }}</span> @endforeach</p>
@foreach ($content->rooms as $room => $cards)
<div class="together"><h3>{{ $room }}</h3>
<table><tr><th style="width: 31%">Name</th><th style="width: 25%">Device</th><th style="width: 8%"></th><th>By hand</th><th>Radio</th>
    <th>Hub</th></tr>
@foreach ($cards as $card)
<tr><td>{{ $card->slot->name ?? $card->title() }}@if (! $card->isIn()) <span
    class="quiet">({{ $card->node ? 'left the network' : 'planned' }})</span>@endif</td>
<td>{{ $card->profile->name }} <span class="quiet mono">{{ $card->profile->model }}</span></td><td class="mono">{{ $card->tag() }}</td>
@foreach (Rung::own() as $rung)
@php($outcome = $card->ladder->outcome($rung))
<td class="rung {{ $outcome === Outcome::Passed ? '' : 'quiet' }}">{{ $card->isIn() ? $mark($outcome) : '–' }}</td>
@endforeach
</tr>
@endforeach
</table></div>
@endforeach
@if ($content->faults !== [])
<div class="together"><h3>What failed, and why</h3>
<table><tr><th>Device</th><th>Rung</th><th>Because</th></tr>
@foreach ($content->faults as $card)
@php($fault = $card->ladder->fault())
<tr><td>{{ $card->slot->name ?? $card->fullTitle() }}</td><td>{{ $fault->words() }}</td>
    <td>{{ $card->ladder->proof($fault)->because }}</td></tr>
@endforeach
</table></div>
@endif
</div>
