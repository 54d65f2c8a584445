@use('Kavvel\Core\Bridging\EndBand')
@php($at = fn (float $value): string => number_format(12 + $value * 3.76, 1, '.', ''))
@php($threshold = $wrapping->threshold)
@php($isRising = $threshold === null || $threshold->open > $threshold->closed)
@php($words = fn (array $said): string => $said === [] ? 'not measured yet' : implode(' · ', array_map(EndBand::text(...), $said)))
<figure class="ends">
<svg viewBox="0 0 400 {{ $threshold === null ? 46 : 84 }}" role="img" aria-label="What it said at its ends{{ $threshold === null ? ''
    : ': '.$threshold->words($kind->unit()) }}">
    <line class="axis" x1="12" x2="388" y1="28" y2="28"/>
    @foreach ([0, 25, 50, 75, 100] as $mark)
    <line class="axis" x1="{{ $at($mark) }}" x2="{{ $at($mark) }}" y1="28" y2="32"/>
    @endforeach
    <text x="12" y="44">0 %</text><text x="388" y="44" text-anchor="end">100 %</text>
    @foreach ([$wrapping->open, $wrapping->closed] as $end)
    @if ($end !== [])
    <rect class="end-band" x="{{ $at(min($end) - 0.5) }}" y="8" width="{{ number_format((max($end) - min($end) + 1) * 3.76, 1, '.', '')
        }}" height="20"/>
    @endif
    @foreach ($end as $value)<line class="said" x1="{{ $at($value) }}" x2="{{ $at($value) }}" y1="8" y2="28"/>@endforeach
    @endforeach
    @if ($threshold !== null)
    @php([$low, $high] = $isRising ? [$threshold->closed, $threshold->open] : [$threshold->open, $threshold->closed])
    <path class="counts" d="M12 52V60H{{ $at($low) }}V52M{{ $at($high) }} 52V60H388V52"/>
    <path class="stays" d="M{{ $at($low) }} 60H{{ $at($high) }}"/>
    <text class="counts-as" x="12" y="78">{{ $isRising ? 'closed' : 'open' }}</text>
    <text class="counts-as" x="388" y="78" text-anchor="end">{{ $isRising ? 'open' : 'closed' }}</text>
    @endif
</svg>
<dl class="facts">
    <div><dt>Open, it said</dt><dd>{{ $words($wrapping->open) }}</dd></div>
    <div><dt>Closed, it said</dt><dd>{{ $words($wrapping->closed) }}</dd></div>
    @if ($threshold !== null)
    <div><dt>Counts as</dt><dd>{{ $threshold->words($kind->unit()) }}; between the two it stays as it was</dd></div>
    @endif
</dl>
</figure>
