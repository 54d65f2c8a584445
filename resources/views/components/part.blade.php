@props(['part'])
<div class="contents" data-part="{{ $part->name }}" data-version="{{ $part->version }}">{!! $part->html !!}</div>
