@props(['tag', 'name'])
<abbr class="chip no-underline" title="{{ $name }}">{{ $tag }}</abbr>
