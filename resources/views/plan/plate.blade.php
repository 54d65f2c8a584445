@php($box = $plate['box'])
@php($isStack = $plate['parts'] !== [])
@if ($plate['heard'])
@php([$left, $right, $middle] = [$n($box->x - 0.12), $n($box->x + $box->width + 0.12), $n($box->centreY())])
<path class="p-heard" d="M{{ $left }} {{ $middle - 0.22 }}q-0.14 0.22 0 0.44M{{ $left - 0.16 }} {{ $middle - 0.34 }}q-0.2 0.34 0 0.68
    M{{ $right }} {{ $middle - 0.22 }}q0.14 0.22 0 0.44M{{ $right + 0.16 }} {{ $middle - 0.34 }}q0.2 0.34 0 0.68"/>
@endif
@if ($link)
<a href="{{ $link($plate) }}" data-opens-slot @if ($drawing->isArranged && ! $isStack) data-drag="slot" data-drag-key="{{ $plate['key'] }}"
    data-x="{{ $n($box->centreX()) }}" data-y="{{ $n($box->centreY()) }}" @endif aria-label="{{ $plate['title'] }}, {{ $plate['words'] }}">
<rect class="p-hit" x="{{ $n($box->centreX() - 0.5) }}" y="{{ $n($box->centreY() - 0.5) }}" width="1" height="1"/>
@endif
<rect x="{{ $n($box->x) }}" y="{{ $n($box->y) }}" width="{{ $box->width }}" height="{{ $box->height }}" rx="0.1"
    {!! $paint('plate '.$plate['state']) !!}/>
<text x="{{ $n($box->centreX()) }}" y="{{ $n($box->centreY() + ($isStack ? 0.02 : 0.1)) }}" font-size="{{ $paint->size(0.28) }}"
    text-anchor="middle"
    {!! $paint('tag '.$plate['state']) !!}>{{ $plate['tag'] }}</text>
@foreach ($plate['parts'] as $state)
@php($width = ($box->width - 0.16) / count($plate['parts']))
<rect x="{{ $n($box->x + 0.08 + $loop->index * $width) }}" y="{{ $n($box->y + $box->height - 0.2) }}"
    width="{{ $n(max(0.02, $width - 0.03)) }}" height="0.12"
    {!! $paint("part {$state}") !!}/>
@endforeach
@if ($link)
</a>
@endif
