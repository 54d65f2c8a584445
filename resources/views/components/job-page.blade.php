@props(['title', 'job'])
{{-- What a drawer or a panel shows, as a page of its own for whoever comes without script. --}}
<x-layouts.page :title="$title" :user="request()->user()">
<main class="page max-w-xl grid gap-3">
    <div class="drawer-head"><h1 class="text-3xl font-bold">{{ $title }}</h1>
        <a class="btn small" href="{{ route('jobs.show', $job) }}">Back to {{ $job->name }}</a></div>
    {{ $slot }}
</main>
</x-layouts.page>
