@props(['title', 'words'])
<x-layouts.page :title="$title">
<main class="page max-w-md">
    <h1 class="text-3xl font-bold mt-10 mb-2">{{ $title }}</h1>
    <p class="mb-6">{{ $words }}</p>
    <a class="big" href="/jobs">To the jobs</a>
</main>
</x-layouts.page>
