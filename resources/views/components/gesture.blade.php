{{-- One step of a recipe, drawn as a hand does it: at its pace, again and again; still where motion is not wanted. --}}
@props(['step'])
@php
    $pace = Kavvel\Core\Catalogue\Pace::of($step);
    $round = number_format($pace->round, 2, '.', '');
    $down = $pace->track('0', '1');
    $sweep = $pace->sweep('0', '1');
    $ring = 2 * M_PI * 20;
@endphp
<svg class="gesture" viewBox="0 0 240 96" role="img" aria-label="{{ $step->sentence() }}" data-moves="{{ $round }}">
@switch($step->kind)
    @case('press')
    @case('tap')
    <rect class="g-plate" x="16" y="10" width="96" height="76" rx="12"/>
    <circle class="g-key" cx="64" cy="48" r="14"/>
    <circle class="g-down" cx="64" cy="48" r="14" opacity="0">
        <animate attributeName="opacity" calcMode="discrete" dur="{{ $round }}s" repeatCount="indefinite"
            values="{{ $down['values'] }}" keyTimes="{{ $down['keyTimes'] }}"/></circle>
    <circle class="g-touch" cx="64" cy="48" r="23">
        @php($touch = $pace->track('0', '1'))
        <animate attributeName="opacity" calcMode="discrete" dur="{{ $round }}s" repeatCount="indefinite"
            values="{{ $touch['values'] }}" keyTimes="{{ $touch['keyTimes'] }}"/></circle>
    @php($across = min($step->times, 6))
    @foreach ($pace->strokes as $number => [$from])
    @php($x = 138 + 17 * ($number % $across))
    @php($y = ($step->times > 6 ? 38 : 48) + 20 * intdiv($number, $across))
    <circle class="g-count" cx="{{ $x }}" cy="{{ $y }}" r="6"/>
    <circle class="g-counted" cx="{{ $x }}" cy="{{ $y }}" r="6">
        <animate attributeName="opacity" calcMode="discrete" dur="{{ $round }}s" repeatCount="indefinite" values="0;1"
            keyTimes="0;{{ number_format($from / $pace->round, 4, '.', '') }}"/></circle>
    @endforeach
    @break
    @case('hold')
    @case('pin-hold')
    <rect class="g-plate" x="16" y="10" width="96" height="76" rx="12"/>
    @if ($step->kind === 'hold')
    <circle class="g-key" cx="64" cy="48" r="14"/>
    <circle class="g-down" cx="64" cy="48" r="14" opacity="0">
        <animate attributeName="opacity" calcMode="discrete" dur="{{ $round }}s" repeatCount="indefinite"
            values="{{ $down['values'] }}" keyTimes="{{ $down['keyTimes'] }}"/></circle>
    @else
    <circle class="g-hole" cx="64" cy="48" r="3.5"/>
    <g><path class="g-pin" d="M64 46 L64 4"/>
        @php($in = $pace->track('0 -16', '0 0'))
        <animateTransform attributeName="transform" type="translate" calcMode="discrete" dur="{{ $round }}s" repeatCount="indefinite"
            values="{{ $in['values'] }}" keyTimes="{{ $in['keyTimes'] }}"/></g>
    @endif
    <circle class="g-ring" cx="168" cy="48" r="20"/>
    <circle class="g-fill" cx="168" cy="48" r="20" transform="rotate(-90 168 48)" stroke-dasharray="{{ $ring }}"
        stroke-dashoffset="{{ $ring }}">
        @php($fill = $pace->sweep((string) $ring, '0'))
        <animate attributeName="stroke-dashoffset" dur="{{ $round }}s" repeatCount="indefinite"
            values="{{ $fill['values'] }}" keyTimes="{{ $fill['keyTimes'] }}"/></circle>
    <text class="g-text" x="168" y="53" text-anchor="middle">{{ $step->seconds + 0 }} s</text>
    @break
    @case('pull-tab')
    <rect class="g-plate" x="30" y="22" width="110" height="52" rx="10"/>
    <rect class="g-cell" x="52" y="34" width="52" height="28" rx="4"/>
    <g><path class="g-tab" d="M100 48 L178 48"/><path class="g-arrow" d="M168 40 L180 48 L168 56"/>
        @php($out = $pace->sweep('0 0', '46 0'))
        <animateTransform attributeName="transform" type="translate" dur="{{ $round }}s" repeatCount="indefinite"
            values="{{ $out['values'] }}" keyTimes="{{ $out['keyTimes'] }}"/></g>
    @break
    @case('insert-battery')
    <path class="g-plate" d="M120 22 H36 A8 8 0 0 0 28 30 V66 A8 8 0 0 0 36 74 H120"/>
    <g><rect class="g-cell is-solid" x="124" y="33" width="62" height="30" rx="4"/><rect class="g-cell is-solid" x="186" y="42" width="6"
        height="12" rx="1"/>
        @php($in = $pace->sweep('18 0', '-74 0'))
        <animateTransform attributeName="transform" type="translate" dur="{{ $round }}s" repeatCount="indefinite"
            values="{{ $in['values'] }}" keyTimes="{{ $in['keyTimes'] }}"/></g>
    @break
    @case('power-on')
    @case('power-cycle')
    <rect class="g-plate" x="44" y="8" width="44" height="80" rx="6"/>
    <rect class="g-slot" x="59" y="24" width="14" height="48" rx="4"/>
    <rect class="g-lever" x="55" y="{{ $step->kind === 'power-on' ? 54 : 26 }}" width="22" height="16" rx="3">
        @php($lever = $step->kind === 'power-on' ? $pace->sweep('54', '26') : $pace->track('26', '54'))
        <animate attributeName="y" dur="{{ $round }}s" repeatCount="indefinite"
            @if ($step->kind !== 'power-on') calcMode="discrete" @endif
            values="{{ $lever['values'] }}" keyTimes="{{ $lever['keyTimes'] }}"/></rect>
    <text class="g-text" x="100" y="40">on</text><text class="g-text" x="100" y="70">off</text>
    @if ($step->kind === 'power-cycle')
    @foreach ($pace->strokes as $number => [$from, $to])
    <circle class="g-count" cx="{{ 142 + 15 * ($number % 6) }}" cy="{{ 48 + 20 * intdiv($number, 6) }}" r="6"/>
    <circle class="g-counted" cx="{{ 142 + 15 * ($number % 6) }}" cy="{{ 48 + 20 * intdiv($number, 6) }}" r="6">
        <animate attributeName="opacity" calcMode="discrete" dur="{{ $round }}s" repeatCount="indefinite" values="0;1"
            keyTimes="0;{{ number_format($to / $pace->round, 4, '.', '') }}"/></circle>
    @endforeach
    @endif
    @break
    @case('turn')
    <circle class="g-plate" cx="80" cy="48" r="36"/>
    <g><path class="g-pin" d="M80 48 L80 18"/>
        @php($turn = number_format($pace->round / max(1, $step->times), 2, '.', ''))
        <animateTransform attributeName="transform" type="rotate" dur="{{ $turn }}s"
            repeatCount="indefinite" values="0 80 48;360 80 48"/></g>
    <text class="g-text" x="140" y="54">{{ $step->times }} ×</text>
    @break
@endswitch
</svg>
