@use('Kavvel\Core\Radio\Margin')
@php($rangeOf = fn (?float $from, ?float $to): string => match (true) {
    $to === null => "{$from} dB or more",
    $from === -INF => "under {$to} dB",
    default => "{$from} to {$to} dB",
})
<div>
    <h3>Forecast links, over the best path</h3>
    <table class="breakdown"><caption class="visually-hidden">Devices by forecast</caption><tbody>
        @foreach (Margin::bounds($job->acceptance_db) as $word => [$from, $to])
        @if (($words[$word] ?? 0) > 0)
        <tr><td>{{ Str::ucfirst($word) }}, {{ $rangeOf($from, $to) }}</td><td>{{ $words[$word] }}</td></tr>
        @endif
        @endforeach
        @if (($words['none'] ?? 0) > 0)
        <tr><td>No forecast</td><td>{{ $words['none'] }}</td></tr>
        @endif
    </tbody></table>
</div>
@if ($weak !== [])
<ul class="rows">
    @foreach (array_slice($weak, 0, 6) as $card)
    <li><a href="{{ $bench->url(['slot' => $card->key(), 'storey' => null]) }}" data-opens-slot>
        @chip($card->profile->protocol)<span>{{ $card->fullTitle() }}</span>
        <span class="end measure">{{ Margin::text($card->forecast->bestDb) }}</span>
    </a></li>
    @endforeach
</ul>
@endif
