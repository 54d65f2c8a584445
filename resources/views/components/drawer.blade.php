@props(['title', 'job'])
@if (request()->headers->has('HX-Request'))
<section class="drawer" role="dialog" aria-label="{{ $title }}">
    <div class="drawer-head">
        <h2>{{ $title }}</h2>
        <button type="button" class="btn small" data-close="drawer">Close</button>
    </div>
    @if (session('saved'))
    <p class="saved" role="status">{{ session('saved') }}</p>
    @endif
    {{ $slot }}
</section>
@else
<x-job-page :title="$title" :job="$job">{{ $slot }}</x-job-page>
@endif
