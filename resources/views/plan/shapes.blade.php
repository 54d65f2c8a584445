@foreach ($drawing->floors as $points)<polygon points="{{ $points }}" {!! $paint('floor') !!}/>@endforeach
@foreach ($drawing->walls as $points)<polygon points="{{ $points }}" {!! $paint('wall') !!}/>@endforeach
@foreach ($drawing->openings as $opening)<polygon points="{{ $opening['points'] }}" {!! $paint('opening') !!}/>@foreach ($opening['panes'] as [$ax, $ay, $bx, $by])<line x1="{{ $ax }}" y1="{{ $ay }}" x2="{{ $bx }}" y2="{{ $by }}" {!! $paint('pane') !!}/>@endforeach @endforeach
@foreach ($drawing->treads as [$ax, $ay, $bx, $by])<line x1="{{ $ax }}" y1="{{ $ay }}" x2="{{ $bx }}" y2="{{ $by }}" {!! $paint('tread') !!}/>@endforeach
@foreach ($drawing->points as ['x' => $x, 'y' => $y, 'disturber' => $disturber])<path d="{{ $disturber === null ? 'M'.($x - 0.12)." {$y}h0.24M{$x} ".($y - 0.12).'v0.24' : 'M'.($x - 0.16)." {$y}l0.16 -0.16l0.16 0.16l-0.16 0.16z" }}" {!! $paint($disturber === null ? 'point' : 'point disturber') !!}/>@endforeach
@foreach ($drawing->lines as $line)<line x1="{{ round($line['ax'], 2) }}" y1="{{ round($line['ay'], 2) }}" x2="{{ round($line['bx'], 2) }}" y2="{{ round($line['by'], 2) }}" stroke-width="{{ $line['width'] }}" {!! $paint('link '.$line['kind']) !!}/>@endforeach
@foreach ($drawing->rooms as $text)<text x="{{ round($text['x'], 2) }}" y="{{ round($text['y'], 2) }}" font-size="{{ $paint->size($text['size']) }}" {!! $paint('room') !!}>{{ $text['text'] }}</text>@endforeach
@foreach ($drawing->capsules as $capsule)<rect x="{{ round($capsule['box']->x, 2) }}" y="{{ round($capsule['box']->y, 2) }}" width="{{ round($capsule['box']->width, 2) }}" height="{{ round($capsule['box']->height, 2) }}" rx="{{ round($capsule['box']->height / 2, 2) }}" {!! $paint('capsule '.$capsule['kind']) !!}/><text x="{{ round($capsule['box']->centreX(), 2) }}" y="{{ round($capsule['box']->centreY() + $capsule['size'] * 0.35, 2) }}" font-size="{{ $paint->size($capsule['size']) }}" text-anchor="middle" {!! $paint('capsule-text') !!}>{{ $capsule['text'] }}</text>@endforeach
@if ($drawing->gateway)<rect x="{{ round($drawing->gateway->x, 2) }}" y="{{ round($drawing->gateway->y, 2) }}" width="{{ $drawing->gateway->width }}" height="{{ $drawing->gateway->height }}" rx="0.1" {!! $paint('gateway') !!}/><text x="{{ round($drawing->gateway->centreX(), 2) }}" y="{{ round($drawing->gateway->centreY() + 0.1, 2) }}" font-size="{{ $paint->size(0.3) }}" text-anchor="middle" {!! $paint('gateway-text') !!}>hub</text>@endif
@foreach ($drawing->plates as $plate)
@if ($link)<a href="{{ $link($plate) }}" data-opens-slot aria-label="{{ $plate['title'] }}, {{ $plate['words'] }}"><rect class="p-hit" x="{{ round($plate['box']->centreX() - 0.5, 2) }}" y="{{ round($plate['box']->centreY() - 0.5, 2) }}" width="1" height="1"/>@endif
<rect x="{{ round($plate['box']->x, 2) }}" y="{{ round($plate['box']->y, 2) }}" width="{{ $plate['box']->width }}" height="{{ $plate['box']->height }}" rx="0.1" {!! $paint('plate '.$plate['state']) !!}/><text x="{{ round($plate['box']->centreX(), 2) }}" y="{{ round($plate['box']->centreY() + 0.1, 2) }}" font-size="{{ $paint->size(0.28) }}" text-anchor="middle" {!! $paint('tag '.$plate['state']) !!}>{{ $plate['tag'] }}</text>
@if ($link)</a>@endif
@endforeach
@foreach ($drawing->labels as $text)<text x="{{ round($text['x'], 2) }}" y="{{ round($text['y'], 2) }}" font-size="{{ $paint->size($text['size']) }}" text-anchor="middle" {!! $paint('label') !!}>{{ $text['text'] }}</text>@endforeach
@if ($drawing->current)
@php($b = $drawing->current)
@php([$l, $t, $r, $d] = [round($b->x, 2), round($b->y, 2), round($b->x + $b->width, 2), round($b->y + $b->height, 2)])
<path data-focus data-x="{{ round($b->centreX(), 2) }}" data-y="{{ round($b->centreY(), 2) }}" d="M{{ $l }} {{ $t + 0.28 }}V{{ $t }}H{{ $l + 0.28 }}M{{ $r - 0.28 }} {{ $t }}H{{ $r }}V{{ $t + 0.28 }}M{{ $r }} {{ $d - 0.28 }}V{{ $d }}H{{ $r - 0.28 }}M{{ $l + 0.28 }} {{ $d }}H{{ $l }}V{{ $d - 0.28 }}" {!! $paint('bracket') !!}/>
@endif
