<x-layouts.page title="Not here">
<main class="page max-w-md"><h1 class="text-3xl font-bold mt-10 mb-2">Not here</h1><p class="mb-6">{{ in_array($exception->getMessage(), ['', 'This action is unauthorized.', 'Not Found', 'Too Many Attempts.'], true) || 404 >= 500 || 404 === 404 ? 'There is nothing at this address, or it is not yours.' : $exception->getMessage() }}</p><a class="big" href="/jobs">To the jobs</a></main>
</x-layouts.page>
