<x-layouts.page title="Something broke">
<main class="page max-w-md"><h1 class="text-3xl font-bold mt-10 mb-2">Something broke</h1><p class="mb-6">{{ in_array($exception->getMessage(), ['', 'This action is unauthorized.', 'Not Found', 'Too Many Attempts.'], true) || 500 >= 500 || 500 === 404 ? 'Nothing was saved. Go back and try again; if it breaks again, tell a lead what you did.' : $exception->getMessage() }}</p><a class="big" href="/jobs">To the jobs</a></main>
</x-layouts.page>
