@php($geometry = $sheet->geometry)
@php($room = fn (string $key): string => $geometry->roomTitle($geometry->rooms[array_column($geometry->rooms, 'id', 'key')[$key]]))
@php($wired = array_map(fn ($one) => $one->key, $cables->points))
@php($others = array_filter($points, fn ($one) => ! in_array($one->key, $wired, true)))
<div class="wants">
<div class="wants-scroll" id="cables-scroll" data-keeps-scroll tabindex="0" role="group" aria-label="Cables">
@if ($cables->points !== [])
<table class="register"><caption class="visually-hidden">Cables from the rack</caption>
    <thead><tr><th scope="col">Label</th><th scope="col">Point</th><th scope="col">Cable</th><th scope="col">Each</th><th
        scope="col">Way</th></tr></thead>
    <tbody>
        @foreach ($cables->points as $one)
        @php($length = $cables->lengthM($one))
        <tr @if ($one->key === $chosen?->key) class="is-chosen" @endif>
            <th scope="row"><a class="measure" href="{{ $bench->url(['lens' => 'cables', 'at' => $one->key]) }}"
                @if ($one->key === $chosen?->key) aria-current="true" @endif>{{ $one->label }}</a></th>
            <td>{{ Str::ucfirst($one->purpose) }}, {{ mb_strtolower($room($one->room)) }}</td>
            <td>{{ $one->count }} × {{ $one->cable->words() }}</td>
            <td class="tabular-nums whitespace-nowrap">{{ $length === null ? '–' : sprintf('%.1f m', $length) }}</td>
            <td>{{ match ($cables->drawn[$one->key] ?? null) { true => 'drawn', false => 'reckoned', null => '–' } }}@if (
                $drops->drops[$one->key]->isOut ?? false) <span class="mark is-open">look</span>@endif</td>
        </tr>
        @endforeach
    </tbody>
</table>
@else
<p class="quiet p-4">No point has a cable from the rack yet.</p>
@endif
@if ($others !== [])
<section class="reach">
    <h2>Points without a cable</h2>
    <div class="reach-doors">
        @foreach ($others as $bare)
        <a class="door" href="{{ $bench->url(['lens' => 'cables', 'at' => $bare->key]) }}"
            @if ($bare->key === $chosen?->key) aria-current="true" @endif><span>{{ Str::ucfirst($bare->name) }}</span><span
            class="quiet">{{ $room($bare->home) }}</span></a>
        @endforeach
    </div>
</section>
@endif
</div>
</div>
