{{-- A device's light as its recipe says it should shine. --}}
@props(['sign'])
@php($second = number_format(1 / $sign->perSecond, 3, '.', ''))
<svg class="light-sign is-{{ $sign->colour }}" viewBox="0 0 36 36" role="img" aria-label="{{ $sign->words }}" data-moves="{{ $second }}">
    <circle class="l-rim" cx="18" cy="18" r="13"/>
    @if ($sign->pattern !== 'off')
    <circle class="l-shine" cx="18" cy="18" r="9">
        @switch($sign->pattern)
            @case('blink')
            <animate attributeName="opacity" calcMode="discrete" dur="{{ $second }}s" repeatCount="indefinite" values="1;0"
                keyTimes="0;0.5"/>
            @break
            @case('double')
            <animate attributeName="opacity" calcMode="discrete" dur="{{ $second }}s" repeatCount="indefinite" values="1;0;1;0"
                keyTimes="0;0.15;0.3;0.45"/>
            @break
            @case('breathe')
            <animate attributeName="opacity" dur="{{ $second }}s" repeatCount="indefinite" values="0.1;1;0.1"/>
            @break
            @case('flash-once')
            <animate attributeName="opacity" calcMode="discrete" dur="3s" repeatCount="indefinite" values="1;0" keyTimes="0;0.12"/>
            @break
        @endswitch
    </circle>
    @endif
</svg>
