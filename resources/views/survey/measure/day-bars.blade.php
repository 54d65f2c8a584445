{{-- $sun: of a window. A bar a day, from midnight to midnight: dark outside, and when the sun shines in. --}}
@php($x = fn (float $minute): float => round(44 + $minute / 1440 * 192, 1))
@php($clock = fn (float $minute): string => sprintf('%02d:%02d', intdiv((int) round($minute), 60) % 24, (int) round($minute) % 60))
<svg class="days" viewBox="0 0 240 62" role="img" aria-label="{{ implode('; ', array_map(fn ($day) => "{$day->called}: ".($day->glare === []
    ? 'no sun' : 'sun '.implode(' and ', array_map(fn ($span) => $clock($span[0]).' to '.$clock($span[1]), $day->glare))), $sun->days)) }}">
    @foreach ($sun->days as $number => $day)
    @php($y = 2 + $number * 16)
    <text class="d-text" x="0" y="{{ $y + 10 }}">{{ Str::limit($day->called, 3, '') }}</text>
    <rect class="d-day" x="44" y="{{ $y }}" width="192" height="12"/>
    @if ($day->sunrise !== null && $day->sunset !== null)
    <rect class="d-dark" x="44" y="{{ $y }}" width="{{ max(0, $x($day->sunrise) - 44) }}" height="12"/>
    <rect class="d-dark" x="{{ $x($day->sunset) }}" y="{{ $y }}" width="{{ max(0, 236 - $x($day->sunset)) }}" height="12"/>
    @endif
    @foreach ($day->glare as [$from, $to])
    <rect class="d-sun" x="{{ $x($from) }}" y="{{ $y }}" width="{{ max(1, $x($to) - $x($from)) }}" height="12"/>
    @endforeach
    @endforeach
    @foreach ([0, 6, 12, 18, 24] as $hour)
    <text class="d-text" x="{{ $x($hour * 60) }}" y="60" text-anchor="{{ match ($hour) { 0 => 'start', 24 => 'end', default => 'middle' }
        }}">{{ $hour }}</text>
    @endforeach
</svg>
