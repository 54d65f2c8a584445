@php($n = fn (float $metres): string => rtrim(rtrim(sprintf('%.3f', $metres), '0'), '.'))
@php($link = fn (string $at): string => $bench->url(['at' => $at]))
@php($mayDrag = $bench->mayWork())
<svg class="plan draft" viewBox="{{ $draft->viewBox() }}" preserveAspectRatio="xMidYMid meet" role="group"
    aria-label="Plan of {{ $on->name }}, to be drawn" data-job="{{ $job->key }}" data-storey="rooms {{ $on->key }}"
        data-elevation="{{ $on->elevation }}">
@if ($underlay !== null)
<image href="{{ route('jobs.underlays.show', [$job, $on->key, 'v' => basename($underlay->path, '.jpg')]) }}" x="{{ $n($underlay->x) }}"
    y="{{ $n($underlay->y) }}"
    width="{{ $n($underlay->width * $underlay->metres_per_pixel) }}" height="{{ $n($underlay->height * $underlay->metres_per_pixel) }}"
    opacity="0.55" preserveAspectRatio="none"/>
@endif
@foreach ($draft->below as $points)
<polygon points="{{ $points }}" class="r-below"/>
@endforeach
@foreach ($draft->rooms as $room)
@php($isChosen = $chosen->is('room', $room['key']))
<a href="{{ $link('room '.$room['key']) }}" id="room-{{ $room['key'] }}" aria-label="{{ $room['name'] }}, {{ $room['size'] }}"
    @if ($isChosen) aria-current="true" @if ($mayDrag) data-drag="room" data-drag-key="{{ $room['key'] }}" @endif @endif>
    <polygon points="{{ $room['points'] }}" data-room="{{ $room['key'] }}"
        class="r-floor is-{{ $room['kind'] }} @if ($isChosen) is-chosen @endif @if ($underlay !== null) is-clear @endif"/>
</a>
@endforeach
@foreach ($draft->rooms as $room)
<text x="{{ $room['x'] }}" y="{{ $n($room['y'] + ($room['showsSize'] ? -0.05 : 0.1)) }}" font-size="{{ $room['font'] }}"
    text-anchor="middle"
    class="r-name">{{ $room['name'] }}</text>
@if ($room['showsSize'])
<text x="{{ $room['x'] }}" y="{{ $n($room['y'] + $room['font']) }}" font-size="{{ $n($room['font'] * $draft::SIZE_TEXT) }}"
    text-anchor="middle"
    class="r-size">{{ $room['size'] }}</text>
@endif
@endforeach
@foreach ($draft->walls as $wall)
<polygon points="{{ $wall['points'] }}" class="{{ $wall['isOpen'] ? 'r-open' : 'p-wall' }}"/>
@endforeach
@foreach ($draft->openings as $opening)
<polygon points="{{ $opening['points'] }}" class="p-opening"/>
@foreach ($opening['panes'] as [$ax, $ay, $bx, $by])
<line x1="{{ $ax }}" y1="{{ $ay }}" x2="{{ $bx }}" y2="{{ $by }}" class="p-pane"/>
@endforeach
@endforeach
@foreach ($draft->ducts as $duct)
<a href="{{ $link('duct '.$duct['key']) }}" id="duct-{{ $duct['key'] }}" aria-label="Duct {{ $duct['name'] }}"
    @if ($chosen->is('duct', $duct['key'])) aria-current="true" @endif>
    @if ($duct['isRiser'])
    <circle cx="{{ $duct['at'][0] }}" cy="{{ $duct['at'][1] }}" r="0.2" class="r-riser"/>
    <path d="M{{ $n($duct['at'][0] - 0.14) }} {{ $n($duct['at'][1] - 0.14) }}l0.28 0.28m0 -0.28l-0.28 0.28" class="r-riser"/>
    @else
    <polyline points="{{ $duct['path'] }}" class="r-duct-hit"/><polyline points="{{ $duct['path'] }}" class="r-duct"/>
    @endif
</a>
@endforeach
@foreach ($draft->walls as $wall)
@php($isChosen = $chosen->is('wall', $wall['key']))
@php([$ax, $ay, $bx, $by] = $wall['line'])
<a href="{{ $link('wall '.$wall['key']) }}" id="wall-{{ $wall['key'] }}" aria-label="{{ $wall['label'] }}"
    @if ($isChosen) aria-current="true" @if ($mayDrag) data-drag="wall" data-drag-key="{{ $wall['key'] }}" @endif @endif
    data-line="{{ $ax }} {{ $ay }} {{ $bx }} {{ $by }}">
    <line x1="{{ $ax }}" y1="{{ $ay }}" x2="{{ $bx }}" y2="{{ $by }}" class="r-wall-hit @if ($isChosen) is-chosen @endif"/>
    @if ($isChosen)
    <g class="r-handle"
        transform="translate({{ $n(($ax + $bx) / 2) }} {{ $n(($ay + $by) / 2) }}) rotate({{ $n(rad2deg(atan2($by - $ay, $bx - $ax))) }})">
        <circle r="0.34"/><path d="M0 -0.08V-0.24M-0.07 -0.16L0 -0.24L0.07 -0.16M0 0.08V0.24M-0.07 0.16L0 0.24L0.07 0.16"/>
    </g>
    @endif
</a>
@endforeach
@foreach ($draft->things as $thing)
@if ($thing['section'] === 'points')
<a href="{{ $link('point '.$thing['key']) }}" id="point-{{ $thing['key'] }}" aria-label="Point: {{ $thing['name'] }}"
    @if ($chosen->is('point', $thing['key'])) aria-current="true" @if ($mayDrag) data-drag="point" data-drag-key="{{ $thing['key'] }}"
    data-x="{{ $thing['x'] }}" data-y="{{ $thing['y'] }}" @endif @endif>
    <circle cx="{{ $thing['x'] }}" cy="{{ $thing['y'] }}" r="0.3" class="p-hit"/>
    <path d="M{{ $n($thing['x'] - 0.12) }} {{ $thing['y'] }}h0.24M{{ $thing['x'] }} {{ $n($thing['y'] - 0.12) }}v0.24" class="r-point"/>
</a>
@else
<circle cx="{{ $thing['x'] }}" cy="{{ $thing['y'] }}" r="{{ $thing['section'] === 'hubs' ? 0.16 : 0.09 }}" class="r-thing"/>
@endif
@endforeach
@foreach ($draft->rooms as $room)
@if ($chosen->is('room', $room['key']))
<polygon points="{{ $room['points'] }}" class="r-ring"/>
@foreach ($room['corners'] as [$x, $y])
<g class="r-corner"><circle cx="{{ $x }}" cy="{{ $y }}" r="0.19"/><text x="{{ $x }}" y="{{ $n($y + 0.085) }}" font-size="0.24"
    text-anchor="middle">{{ $loop->iteration }}</text></g>
@endforeach
@endif
@endforeach
</svg>
@if ($mayDrag)
<x-form :action="route('jobs.plan-edits.store', $job)" id="drag" data-plan-edit hidden>
    <input type="hidden" name="on" value="{{ $on->key }}">
    <input type="hidden" name="seen" value="{{ $chosen->mark }}">
    @foreach (['edit', 'room', 'wall', 'point', 'dx', 'dy', 'by', 'x', 'y', 'by_hand'] as $field)
    <input type="hidden" name="{{ $field }}" value="">
    @endforeach
</x-form>
<p class="draft-tip" id="draft-tip" role="status" aria-live="polite"></p>
@endif
