<x-layouts.page title="Not allowed">
<main class="page max-w-md"><h1 class="text-3xl font-bold mt-10 mb-2">Not allowed</h1><p class="mb-6">{{ in_array($exception->getMessage(), ['', 'This action is unauthorized.', 'Not Found', 'Too Many Attempts.'], true) || 403 >= 500 || 403 === 404 ? 'Your role does not include this. Ask a lead.' : $exception->getMessage() }}</p><a class="big" href="/jobs">To the jobs</a></main>
</x-layouts.page>
