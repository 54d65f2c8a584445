@use('Kavvel\Core\Radio\Margin')
@use('Kavvel\Core\Radio\Mounting')
@php($forecast = $open->forecast)
@if ($forecast?->breakdown)
@php($b = $forecast->breakdown)
@php($word = Margin::of($forecast->margin_db, $job->acceptance_db))
@php($minus = fn (string $text): string => str_replace('-', '−', $text))
@php($parent = $bench->sheet->card($forecast->parent_key))
<details id="forecast" @if ($bench->station === 'survey') open @endif>
    <summary>Forecast to the hub: {{ Margin::text($forecast->margin_db) }}, {{ $word->value }}</summary>
    <table class="breakdown"><caption class="visually-hidden">What the forecast is made of</caption><tbody>
        <tr><td>Sends, with both antennas</td><td>{{ sprintf('%.1f dBm', $b['txDbm'] + $b['gainsDb']) }}</td></tr>
        <tr><td>{{ sprintf('%.1f m of free space', $b['distanceM']) }}</td><td>{{ sprintf('−%.1f dB', $b['freeSpaceDb']) }}</td></tr>
        @foreach ($b['crossed'] as $crossed)
        <tr><td>{{ Str::ucfirst($crossed['what']) }}@if ($crossed['extrapolated']) <span
            class="quiet">(outside the standard’s range)</span>@endif</td>
            <td>{{ sprintf('−%.1f dB', $crossed['lossDb']) }}</td></tr>
        @endforeach
        <tr><td>Furniture and people <span class="quiet">(assumed)</span></td><td>{{ sprintf('−%.1f dB', $b['clutterDb']) }}</td></tr>
        @if ($b['mountingDb'] > 0)
        <tr><td>Mounted {{ Mounting::from($slot->mounting)->words() }}</td><td>{{ sprintf('−%.1f dB', $b['mountingDb']) }}</td></tr>
        @endif
        <tr><td>Needs at least</td><td>{{ $minus(sprintf('%.1f dBm', $b['sensitivityDbm'])) }}</td></tr>
        <tr class="sum"><td>Link margin</td><td>{{ $minus(sprintf('%.1f dB', $forecast->margin_db)) }}</td></tr>
    </tbody></table>
    <p class="quiet">{{ $word->meaning() }}</p>
    @if ($b['pessimistic'])
    <p class="note">A door stands near the heavy wall: the forecast is pessimistic, measure it.</p>
    @endif
    @if ($parent)
    <p class="quiet">Its best way leads through the {{ $parent->slot->title() }} ({{ mb_strtolower($parent->room) }}), at
        {{ Margin::text($forecast->parent_margin_db) }}.</p>
    @endif
</details>
@endif
