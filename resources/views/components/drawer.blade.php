@props(['title'])
<section class="drawer" role="dialog" aria-label="{{ $title }}">
    <header><h2>{{ $title }}</h2><button type="button" class="btn small" data-close="drawer">Close</button></header>
    {{ $slot }}
</section>
