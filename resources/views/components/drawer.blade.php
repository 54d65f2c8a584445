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
<x-layouts.page :title="$title" :user="request()->user()">
<main class="page max-w-xl grid gap-3">
    <div class="drawer-head"><h1 class="text-3xl font-bold">{{ $title }}</h1>
        <a class="btn small" href="{{ route('jobs.show', $job) }}">Back to {{ $job->name }}</a></div>
    {{ $slot }}
</main>
</x-layouts.page>
@endif
