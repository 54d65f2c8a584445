<x-layouts.page title="Signed out">
<main class="page max-w-md"><h1 class="text-3xl font-bold mt-10 mb-2">Signed out</h1><p class="mb-6">{{ in_array($exception->getMessage(), ['', 'This action is unauthorized.', 'Not Found', 'Too Many Attempts.'], true) || 419 >= 500 || 419 === 404 ? 'The page was open for too long. Sign in again; what was saved is saved.' : $exception->getMessage() }}</p><a class="big" href="/jobs">To the jobs</a></main>
</x-layouts.page>
