@props(['title'])
<section class="drawer" role="dialog" aria-label="{{ $title }}">
    <div class="drawer-head"><h2>{{ $title }}</h2><button type="button" class="btn small" data-close="drawer">Close</button></div>
    {{ $slot }}
</section>
