<x-layouts.page title="Away for a moment">
<main class="page max-w-md"><h1 class="text-3xl font-bold mt-10 mb-2">Away for a moment</h1><p class="mb-6">{{ in_array($exception->getMessage(), ['', 'This action is unauthorized.', 'Not Found', 'Too Many Attempts.'], true) || 503 >= 500 || 503 === 404 ? 'Kavvel is being looked after. Try again in a minute.' : $exception->getMessage() }}</p><a class="big" href="/jobs">To the jobs</a></main>
</x-layouts.page>
