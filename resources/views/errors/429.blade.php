<x-layouts.page title="Too many tries">
<main class="page max-w-md"><h1 class="text-3xl font-bold mt-10 mb-2">Too many tries</h1><p class="mb-6">{{ in_array($exception->getMessage(), ['', 'This action is unauthorized.', 'Not Found', 'Too Many Attempts.'], true) || 429 >= 500 || 429 === 404 ? 'Wait a minute, then try again.' : $exception->getMessage() }}</p><a class="big" href="/jobs">To the jobs</a></main>
</x-layouts.page>
