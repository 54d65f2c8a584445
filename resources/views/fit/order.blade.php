@use('Kavvel\Core\Fit\FitStanding')
<div class="wants"><div class="wants-scroll" data-keeps-scroll id="fit-order" tabindex="0" role="group" aria-label="Fitting order">
@if ($wall->stops === [])
<p class="quiet p-4">No device of this job goes into a box in the wall.</p>
@else
<table class="register"><caption class="visually-hidden">In which order devices go into the wall</caption>
    <thead><tr><th scope="col">Device</th><th scope="col">Room</th><th scope="col">Minutes</th><th scope="col">Took</th><th
        scope="col">Stands</th></tr></thead>
    @foreach ($wall->stops as $stop)
    @php($circuit = $wall->circuits[(string) $stop->circuit] ?? null)
    <tbody>
        <tr class="wants-storey"><th colspan="5" scope="rowgroup">{{ implode(' · ', array_filter([
            $circuit?->label ?? 'No circuit said yet', $circuit?->breaker, $stop->minutes === 0 ? null : "{$stop->minutes} min", $stop->why,
        ])) }}</th></tr>
        @foreach ($stop->slots as $one)
        @php($slot = $wall->slots[$one->key])
        <tr @if ($one->key === $card?->key()) class="is-chosen" @endif>
            <th scope="row"><a href="{{ route('jobs.fit', [$job, 'next' => $one->key]) }}">{{ $slot->card->title() }}</a></th>
            <td>{{ $slot->card->where() }}</td>
            <td class="tabular-nums">{{ $one->minutes }}</td>
            <td class="tabular-nums">{{ $slot->fit->minutes ?? '–' }}</td>
            <td><span class="mark {{ $one->standing()->isUnsettled() ? 'is-open' : '' }}">{{ $one->standing()->words() }}</span></td>
        </tr>
        @endforeach
    </tbody>
    @endforeach
</table>
@endif
</div></div>
