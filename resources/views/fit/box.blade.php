@use('App\Stations\Fit\BoxSection')
@use('Kavvel\Core\Fit\FitVerdict')
@php($slot = $card->slot)
@php($fit = $slot->boxFit ?? $slot->unseenFit())
@php($isSeen = $slot->boxFit !== null)
<div id="fit-box" data-keeps-scroll tabindex="0" role="group" aria-label="Box" class="fit-middle">
@php($case = $fit->case)
@php($s = BoxSection::of($case))
@php($k = 900 / $s->widthMm)
@php($x = fn (float $mm): float => round(($mm - $s->fromMm) * $k, 1))
@php($mm = fn (float $number): string => rtrim(rtrim(number_format($number, 1, '.', ''), '0'), '.').' mm')
@php($lacks = $s->leftMm() < 0)
@if ($isSeen)
<div class="fit-verdict is-{{ $fit->verdict()->value }}">{{ $fit->verdict()->words() }}</div>
@else
<p class="quiet">Nobody has looked into the box of the {{ $slot->card->called }}. This is what it needs, with up to three cables.</p>
@endif
<div class="drawn" tabindex="0" role="group" aria-label="Drawing">
<svg class="section" viewBox="0 0 900 400" role="img" aria-label="The box of the {{ $slot->card->called }} cut open: {{
    $mm($case->needDepthMm()) }} needed, {{ $mm($case->haveDepthMm()) }} there">
    <defs>
        <pattern id="cut" width="12" height="12" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><path class="s-cut"
            d="M0 0v12"/></pattern>
        <pattern id="lack" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)"><path class="s-lack-line"
            d="M0 0v8"/></pattern>
    </defs>
    <rect class="s-wall" x="{{ $x(0) }}" y="20" width="{{ 900 - $x(0) }}" height="270"/>
    <rect class="s-hatch" x="{{ $x(0) }}" y="20" width="{{ 900 - $x(0) }}" height="270" fill="url(#cut)"/>
    <rect class="s-box {{ $isSeen ? '' : 'is-unseen' }}" x="{{ $x(0) }}" y="65" width="{{ round($case->boxMm * $k, 1) }}" height="180"/>
    @foreach (range(1, min($case->cables, 6)) as $n)
    <path class="s-cable" d="M{{ $x($case->boxMm) - 14 * $n }} 245 v45"/>
    @endforeach
    @if ($case->spacerMm > 0)
    @foreach ([58, 236] as $y)
    <rect class="s-spacer" x="{{ $x($s->frontMm) }}" y="{{ $y }}" width="{{ round($case->spacerMm * $k, 1) }}" height="16"/>
    @endforeach
    @endif
    <rect class="s-plate" x="{{ $x($s->frontMm - $s->plateMm()) }}" y="40" width="{{ round($s->plateMm() * $k, 1) }}" height="230" rx="3"/>
    <rect class="s-device" x="{{ $x($s->frontMm) }}" y="92" width="{{ round($case->sheet->depthMm * $k, 1) }}" height="126" rx="4"/>
    <rect class="s-room" x="{{ $x($s->deviceMm) }}" y="92" width="{{ round(($s->needMm - $s->deviceMm) * $k, 1) }}" height="126"/>
    @if ($lacks)
    <rect class="s-lack" x="{{ $x($s->boxMm) }}" y="92" width="{{ round(-$s->leftMm() * $k, 1) }}" height="126"/>
    <rect x="{{ $x($s->boxMm) }}" y="92" width="{{ round(-$s->leftMm() * $k, 1) }}" height="126" fill="url(#lack)"/>
    @endif
    <text class="s-text is-on" x="{{ ($x($s->frontMm) + $x($s->deviceMm)) / 2 }}" y="160" text-anchor="middle">device</text>
    <text class="s-text" x="{{ $x($s->fromMm) + 8 }}" y="160">room</text>
    @foreach (array_filter([
        [$s->frontMm, $s->deviceMm, $mm($case->sheet->depthMm), 318, ''],
        [$s->deviceMm, $s->needMm, $mm($s->needMm - $s->deviceMm), 318, ''],
        $case->spacerMm > 0 ? [$s->frontMm, 0.0, 'spacer '.$mm($case->spacerMm), 356, ''] : null,
        [0.0, $s->boxMm, ($isSeen ? 'box ' : 'needs ').$mm($case->boxMm), 356, ''],
        $lacks ? [$s->boxMm, $s->needMm, 'lacks '.$mm(-$s->leftMm()), 356, 'is-lack'] : null,
    ]) as [$from, $to, $words, $y, $class])
    <path class="s-measure {{ $class }}" d="M{{ $x($from) }} {{ $y - 6 }}v12m0 -6H{{ $x($to) }}m0 -6v12"/>
    <text class="s-text {{ $class }}" x="{{ ($x($from) + $x($to)) / 2 }}" y="{{ $y + 20 }}" text-anchor="middle">{{ $words }}</text>
    @endforeach
</svg>
</div>
@if ($isSeen)
<dl class="fit-numbers">
    <div><dt>Depth</dt><dd>{{ $mm($case->needDepthMm()) }} of {{ $mm($case->haveDepthMm()) }}</dd></div>
    <div><dt>Load</dt><dd>{{ round($case->loadW()) }} W, {{ round($case->share() * 100) }} % of what it bears</dd></div>
    @if ($case->leastLoadW() > 0)
    <div><dt>Least load</dt><dd>{{ round($case->leastLoadW()) }} W {{ $case->isWiredWithNeutral() ? 'with' : 'without' }} a
        neutral</dd></div>
    @endif
    <div><dt>Neutral</dt><dd>{{ Str::ucfirst($case->neutral->words()) }}</dd></div>
    <div><dt>Connectors</dt><dd>{{ $mm($s->needMm - $s->deviceMm) }} for {{ $case->cables }} {{ Str::plural('cable', $case->cables)
        }}</dd></div>
    @if ($case->ganged > 1)
    <div><dt>Side by side</dt><dd>{{ $case->ganged }}: it bears less</dd></div>
    @endif
</dl>
@endif
</div>
