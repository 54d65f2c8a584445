{{-- One axis for both: megahertz to the right, dBm upwards. --}}
@php($x = fn (float $mhz): float => round(($mhz - 2400) * 10, 1))
@php($y = fn (float $dbm): float => round(520 - (max(-105, min(-25, $dbm)) + 105) * 6.2, 1))
@php($wifi = Kavvel\Core\Protocol\Protocol::Wifi->rules())
@php($zigbee = Kavvel\Core\Protocol\Protocol::Zigbee->rules())
<svg class="band" viewBox="-40 0 920 600" role="img"
    aria-label="The band at 2.4 GHz: Wi-Fi networks heard and the channels that may be taken. The list says the same in words.">
@foreach ([-40, -60, -80, -100] as $dbm)
<line x1="0" x2="850" y1="{{ $y($dbm) }}" y2="{{ $y($dbm) }}" class="b-rule"/>
<text x="-6" y="{{ $y($dbm) + 5 }}" text-anchor="end" class="b-scale">{{ str_replace('-', '−', (string) $dbm) }}</text>
@endforeach
<text x="-40" y="16" class="b-scale">dBm in 2 MHz</text>
@foreach ($heard as $network)
@php($own = (float) $wifi->channelMHz($network->channel))
@php($middle = $own + ($network->width_mhz === 40 ? ($network->secondary === 'below' ? -10 : 10) : 0))
@php($half = $network->width_mhz === 40 ? [19, 21] : [9, 11])
@php($top = $y($network->rssi_dbm - 10 * log10($network->width_mhz / 2)))
<path d="M{{ $x($middle - $half[1]) }} 520L{{ $x($middle - $half[0]) }} {{ $top }}H{{ $x($middle + $half[0]) }}
    L{{ $x($middle + $half[1]) }} 520" class="b-wifi @if ($network->busy > 0.3) is-busy @endif"/>
@endforeach
@foreach ($view->ranking ?? [] as $one)
@php($mhz = (float) $zigbee->channelMHz($one->channel))
@php($state = match (true) {
    $one->channel === ($view->now->channel ?? null) => 'is-now',
    $one->tooNear !== null => 'is-excluded',
    $one === $view->best => 'is-best',
    default => '',
})
<rect x="{{ $x($mhz) - 10 }}" y="{{ $y($one->interferenceDbm) }}" width="20" height="{{ 520 - $y($one->interferenceDbm) }}"
    class="b-channel {{ $state }}"/>
<text x="{{ $x($mhz) }}" y="545" text-anchor="middle" class="b-label {{ $state }}">{{ $one->channel }}</text>
@endforeach
@foreach ($heard as $number => $network)
@php($alike = count(array_filter(array_slice($heard, 0, $number), fn ($one) => $one->channel === $network->channel)))
@php($own = (float) $wifi->channelMHz($network->channel))
@php($top = $y($network->rssi_dbm - 10 * log10($network->width_mhz / 2)))
<g class="b-number"><circle cx="{{ $x($own) - 60 + ($alike % 5) * 30 }}" cy="{{ $top }}" r="13"/><text
    x="{{ $x($own) - 60 + ($alike % 5) * 30 }}"
    y="{{ $top + 5 }}" text-anchor="middle">{{ $number + 1 }}</text></g>
@endforeach
<line x1="0" x2="850" y1="520" y2="520" class="b-axis"/>
@foreach ([2410, 2430, 2450, 2470] as $mhz)
<text x="{{ $x($mhz) }}" y="578" text-anchor="middle" class="b-scale">{{ $mhz }} MHz</text>
@endforeach
</svg>
<div class="legend band-legend">
    <span><svg viewBox="0 0 22 16" aria-hidden="true"><path d="M1 15L4 3H18L21 15" class="b-wifi"/></svg>Wi-Fi heard</span>
    <span><svg viewBox="0 0 22 16" aria-hidden="true"><path d="M1 15L4 3H18L21 15" class="b-wifi is-busy"/></svg>busy more than 30 % of
        the time</span>
    <span><svg viewBox="0 0 22 16" aria-hidden="true"><rect x="7" y="4" width="8" height="12" class="b-channel"/></svg>Wi-Fi in a channel
        of ours</span>
    <span><svg viewBox="0 0 22 16" aria-hidden="true"><rect x="7" y="4" width="8" height="12" class="b-channel is-now"/></svg>chosen</span>
</div>
