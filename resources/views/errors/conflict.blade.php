<x-layouts.page title="Changed by somebody else">
<main class="page max-w-xl"><h1 class="text-3xl font-bold mt-10 mb-4">Changed by somebody else</h1>@include('errors.conflict-body')</main>
</x-layouts.page>
