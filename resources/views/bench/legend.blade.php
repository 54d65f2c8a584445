@php($states = array_unique(array_column($drawing->plates, 'state')))
@php($kinds = array_unique(array_column($drawing->lines, 'kind')))
@php($lost = Kavvel\Core\Radio\Margin::THIN_DB)
<div class="legend">
    @if ($drawing->shade !== null)
    @foreach (Kavvel\Core\Radio\Margin::bounds($job->acceptance_db) as $word => [$least, $most])
    <span><svg viewBox="0 0 1.1 0.8" aria-hidden="true"><rect class="p-swatch" x="0.05" y="0.05" width="1" height="0.7"
        fill="{{ $word === 'firm' ? 'none' : "url(#shade-{$word})" }}"/></svg>{{ $word }}{{ match (true) {
            $most === null => ", {$least} dB or more",
            $least === -INF || $word === 'thin' => ", under {$most} dB",
            default => '',
        } }}</span>
    @endforeach
    @endif
    @foreach ([
        'planned' => 'planned', 'in' => 'in, not proved', 'proved' => 'done', 'fault' => 'fault', 'stack' => 'several, touch to list',
    ] as $state => $words)
        @if (in_array($state, $states, true))
        <span><svg viewBox="0 0 1.1 0.8" aria-hidden="true"><rect class="p-plate is-{{ $state }}" x="0.1" y="0.1" width="0.9" height="0.6"
            rx="0.1"/></svg>{{ $words }}</span>
        @endif
    @endforeach
    @foreach ([
        'accepted' => 'accepted', 'thin' => "thin, under {$job->acceptance_db} dB", 'lost' => "lost, under {$lost} dB",
        'forecast' => 'forecast', 'hidden' => 'far worse than by the plan',
    ] as $kind => $words)
        @if (in_array($kind, $kinds, true))
        <span><svg viewBox="0 0 1.1 0.8" aria-hidden="true"><line class="p-link is-{{ $kind }}" x1="0" x2="1.1" y1="0.4" y2="0.4"
            stroke-width="0.1"/></svg>{{ $words }}</span>
        @endif
    @endforeach
    @if ($drawing->points !== [])
    <span><svg viewBox="0 0 0.5 0.8" aria-hidden="true"><path class="p-point" d="M0.05 0.4h0.4M0.25 0.2v0.4"/></svg>point</span>
    @endif
    @if ($bench->move->legend->note !== '')
    <span class="end">{{ $bench->move->legend->note }}</span>
    @endif
</div>
