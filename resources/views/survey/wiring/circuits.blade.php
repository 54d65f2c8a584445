@use('Kavvel\Core\Circuits\CircuitKind')
<div class="wants">
<div class="wants-scroll" id="circuits-scroll" data-keeps-scroll tabindex="0" role="group" aria-label="Circuits">
@if ($wiring->circuits === [])
<p class="quiet p-4">No circuit is noted yet. Read them off the board: label, breaker, residual-current device.</p>
@else
<table class="register"><caption class="visually-hidden">Circuits</caption>
    <thead><tr><th scope="col">Circuit</th><th scope="col">At the board</th><th scope="col">Rooms</th><th scope="col">Lamps</th><th
        scope="col">Switched</th></tr></thead>
    @foreach (CircuitKind::cases() as $kind)
    @php($own = array_filter($wiring->circuits, fn ($one) => $one->kind === $kind))
    @if ($own !== [])
    <tbody>
        <tr class="wants-storey"><th colspan="5" scope="rowgroup">{{ $kind->words() }}</th></tr>
        @foreach ($own as $one)
        @php($core = $one->core())
        @php($reach = $wiring->reach[$one->key] ?? null)
        <tr @if ($one->key === $circuit?->key) class="is-chosen" @endif>
            <th scope="row"><a href="{{ $bench->url(['lens' => 'circuits', 'at' => $one->key]) }}"
                @if ($one->key === $circuit?->key) aria-current="true" @endif>{{ $one->label }}</a></th>
            <td>{{ implode(' · ', array_filter([
                trim($one->breaker.($one->breaker_a === null ? '' : ", {$one->breaker_a} A"), ', '), $one->rcd, $one->phase,
                $one->channel === null ? null : "channel {$one->channel}",
            ])) ?: 'not noted' }}</td>
            <td>{{ Str::ucfirst(implode(', ', array_map($wiring->roomName(...), $one->rooms))) }}</td>
            <td class="tabular-nums whitespace-nowrap">{{ $core->lampCount() === 0 ? '–'
                : $core->lampCount().' · '.round($core->lampWatts()).' W' }}</td>
            <td>@if ($reach !== null)<span class="mark @if ($reach->dark() !== []) is-open @endif">{{ match (true) {
                    $reach->entrances === [] => 'no door',
                    $reach->dark() === [] => 'at every door',
                    default => 'dark at '.count($reach->dark()).' of '.count($reach->entrances),
                } }}</span>@endif</td>
        </tr>
        @endforeach
    </tbody>
    @endif
    @endforeach
</table>
@endif
</div>
</div>
