@props(['href', 'key'])
<a {{ $attributes->class('btn') }} data-key="{{ $key }}" href="{{ $href }}" hx-boost="false" hx-get="{{ $href }}"
    hx-target="#drawer" hx-select="unset" hx-swap="innerHTML">{{ $slot }} <kbd>{{ $key }}</kbd></a>
