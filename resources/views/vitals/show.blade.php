<x-layouts.page title="{{ $words === [] ? 'All is there' : 'Something is away' }}">
<main class="page max-w-md">
    <h1 class="text-3xl font-bold mt-10 mb-2">{{ $words === [] ? 'All is there' : 'Something is away' }}</h1>
    @forelse ($words as $line)
    <p class="note danger mb-3">{{ $line }}</p>
    @empty
    <p class="mb-6">The pages, the database, the hub listener, the workers and the scheduler give signs of life.</p>
    @endforelse
    <a class="big" href="/jobs">To the jobs</a>
</main>
</x-layouts.page>
