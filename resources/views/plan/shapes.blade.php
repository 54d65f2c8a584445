@php($n = fn (float $metres): float => round($metres, 2))
@foreach ($drawing->floors as $key => $points)
<polygon points="{{ $points }}" @if ($link) data-room="{{ $key }}" @endif {!! $paint('floor') !!}/>
@endforeach
@includeWhen($drawing->shade !== null, 'plan.shade')
@foreach ($drawing->walls as $points)
<polygon points="{{ $points }}" {!! $paint('wall') !!}/>
@endforeach
@foreach ($drawing->openings as $opening)
<polygon points="{{ $opening['points'] }}" {!! $paint('opening') !!}/>
@foreach ($opening['panes'] as [$ax, $ay, $bx, $by])
<line x1="{{ $ax }}" y1="{{ $ay }}" x2="{{ $bx }}" y2="{{ $by }}" {!! $paint('pane') !!}/>
@endforeach
@endforeach
@foreach ($drawing->treads as [$ax, $ay, $bx, $by])
<line x1="{{ $ax }}" y1="{{ $ay }}" x2="{{ $bx }}" y2="{{ $by }}" {!! $paint('tread') !!}/>
@endforeach
@foreach ($drawing->points as ['x' => $x, 'y' => $y, 'disturber' => $disturber])
@php($cross = 'M'.($x - 0.12)." {$y}h0.24M{$x} ".($y - 0.12).'v0.24')
@php($diamond = 'M'.($x - 0.16)." {$y}l0.16 -0.16l0.16 0.16l-0.16 0.16z")
<path d="{{ $disturber === null ? $cross : $diamond }}" {!! $paint($disturber === null ? 'point' : 'point disturber') !!}/>
@endforeach
@foreach ($drawing->rays as [$ax, $ay, $bx, $by, $kind])
<line x1="{{ $n($ax) }}" y1="{{ $n($ay) }}" x2="{{ $n($bx) }}" y2="{{ $n($by) }}" class="p-ray is-{{ $kind }}"/>
@endforeach
@foreach ($drawing->lines as $line)
<line x1="{{ $n($line['ax']) }}" y1="{{ $n($line['ay']) }}" x2="{{ $n($line['bx']) }}" y2="{{ $n($line['by']) }}"
    stroke-width="{{ $line['width'] }}" {!! $paint('link '.$line['kind']) !!}/>
@endforeach
@foreach ($drawing->rooms as $text)
<text x="{{ $n($text['x']) }}" y="{{ $n($text['y']) }}" font-size="{{ $paint->size($text['size']) }}"
    {!! $paint('room') !!}>{{ $text['text'] }}</text>
@endforeach
@foreach ($drawing->capsules as $capsule)
@php($box = $capsule['box'])
<rect x="{{ $n($box->x) }}" y="{{ $n($box->y) }}" width="{{ $n($box->width) }}" height="{{ $n($box->height) }}"
    rx="{{ $n($box->height / 2) }}"
    {!! $paint('capsule '.$capsule['kind']) !!}/>
<text x="{{ $n($box->centreX()) }}" y="{{ $n($box->centreY() + $capsule['size'] * 0.35) }}" font-size="{{ $paint->size($capsule['size']) }}"
    text-anchor="middle" {!! $paint('capsule-text') !!}>{{ $capsule['text'] }}</text>
@endforeach
@foreach ($drawing->hubs as $hub)
<rect x="{{ $n($hub->x) }}" y="{{ $n($hub->y) }}" width="{{ $hub->width }}" height="{{ $hub->height }}" rx="0.1" {!! $paint('hub') !!}/>
<text x="{{ $n($hub->centreX()) }}" y="{{ $n($hub->centreY() + 0.1) }}" font-size="{{ $paint->size(0.3) }}" text-anchor="middle"
    {!! $paint('hub-text') !!}>hub</text>
@endforeach
@foreach ($drawing->plates as $plate)
@include('plan.plate')
@endforeach
@foreach ($drawing->labels as $text)
<text x="{{ $n($text['x']) }}" y="{{ $n($text['y']) }}" font-size="{{ $paint->size($text['size']) }}" text-anchor="middle"
    {!! $paint('label') !!}>{{ $text['text'] }}</text>
@endforeach
@if ($drawing->touched !== null)
<circle cx="{{ $n($drawing->touched[0]) }}" cy="{{ $n($drawing->touched[1]) }}" r="0.17" class="p-touched"/>
@endif
@if ($drawing->trial !== null)
@php($t = $drawing->trial)
@if ($t->from !== null)
<line x1="{{ $n($t->from[0]) }}" y1="{{ $n($t->from[1]) }}" x2="{{ $n($t->x) }}" y2="{{ $n($t->y) }}" class="p-trial-way"/>
@endif
<rect x="{{ $n($t->x - 0.55) }}" y="{{ $n($t->y - 0.32) }}" width="1.1" height="0.64" rx="0.1" class="p-trial"/>
<text x="{{ $n($t->x) }}" y="{{ $n($t->y + 0.1) }}" font-size="0.3" text-anchor="middle" class="p-trial-text">here</text>
@endif
@if ($drawing->current)
@php($b = $drawing->current)
@php([$l, $t, $r, $d, $c] = [$n($b->x), $n($b->y), $n($b->x + $b->width), $n($b->y + $b->height), 0.28])
<path data-focus data-x="{{ $n($b->centreX()) }}" data-y="{{ $n($b->centreY()) }}" {!! $paint('bracket') !!} d="
    M{{ $l }} {{ $t + $c }}V{{ $t }}H{{ $l + $c }} M{{ $r - $c }} {{ $t }}H{{ $r }}V{{ $t + $c }}
    M{{ $r }} {{ $d - $c }}V{{ $d }}H{{ $r - $c }} M{{ $l + $c }} {{ $d }}H{{ $l }}V{{ $d - $c }}"/>
@endif
