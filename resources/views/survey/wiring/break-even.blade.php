{{-- Cost over the number of lamps: a switch is level, lamps rise; where they cross is the break-even. --}}
@use('Kavvel\Core\Circuits\ChoiceKind')
@php($even = $choice->breakEven())
@php($here = $core->lampCount())
@php($most = max(6, $here + 2, min(2 * ($even ?? 0), $here + 12)))
@php($top = max($choice->costOf(ChoiceKind::Switch, $here), $choice->costOf(ChoiceKind::Lamps, $most)) * 1.1)
@php($x = fn (float $lamps): float => round(34 + $lamps / $most * 276, 1))
@php($y = fn (float $cost): float => round(150 - ($top > 0 ? $cost / $top : 0) * 130, 1))
@php($switch = $choice->costOf(ChoiceKind::Switch, $here))
<svg class="even" viewBox="0 0 320 194" role="img" aria-label="{{ $even === null ? 'Lamps never cost more than one switch'
    : "From {$even} lamps on one switch costs no more than as many lamps" }}; there are {{ $here }}.">
    <line class="e-axis" x1="34" y1="150" x2="310" y2="150"/><line class="e-axis" x1="34" y1="20" x2="34" y2="150"/>
    <line class="e-switch" x1="34" y1="{{ $y($switch) }}" x2="310" y2="{{ $y($switch) }}"/>
    <text class="e-text" x="310" y="{{ $y($switch) - 6 }}" text-anchor="end">one switch, {{ number_format($switch) }}</text>
    <line class="e-lamps" x1="34" y1="150" x2="{{ $x($most) }}" y2="{{ $y($choice->costOf(ChoiceKind::Lamps, $most)) }}"/>
    @if ($even !== null && $even <= $most)
    <line class="e-even" x1="{{ $x($even) }}" y1="{{ $y($switch) }}" x2="{{ $x($even) }}" y2="150"/>
    @endif
    <circle class="e-here" cx="{{ $x($here) }}" cy="{{ $y($choice->costOf(ChoiceKind::Lamps, $here)) }}" r="5"/>
    @foreach (array_unique(array_filter([1, $even !== null && $even <= $most ? $even : null, $here, $most])) as $lamps)
    <text class="e-text @if ($lamps === $here) is-here @endif" x="{{ $x($lamps) }}" y="168" text-anchor="middle">{{ $lamps }}</text>
    @endforeach
    <text class="e-text" x="34" y="184">lamps{{ $even === null ? '' : ", even at {$even}" }}, here {{ $here }}</text>
</svg>
