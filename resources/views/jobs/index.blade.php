<x-layouts.page title="Jobs" :user="$user">
<header class="masthead">
    <span class="brand">Kavvel</span>
    <a class="btn small" href="{{ route('catalogue.index') }}">Catalogue</a>
    @can('create', App\Models\SiteJob::class)<a class="btn small" href="{{ route('people.index') }}">People</a>@endcan
    <x-form :action="route('sign-out')"><button class="btn small">Sign out {{ $user->name }}</button></x-form>
</header>
<main class="page">
    <h1 class="text-3xl font-bold mb-4">Jobs</h1>
    @if ($errors->any())
    <p class="note danger mb-3" role="alert">{{ implode(' ', array_unique($errors->all())) }}</p>
    @endif
    @if (session('saved'))
    <p class="note done mb-3" role="status">{{ session('saved') }}</p>
    @endif
    @forelse ($jobs as $row)
        @include('jobs.card')
    @empty
    <p class="card">{{ $user->can('create', App\Models\SiteJob::class) ? 'There is no job yet. Begin one below.'
        : 'You are on no job yet. A lead puts you on one.' }}</p>
    @endforelse
    @can('create', App\Models\SiteJob::class)
        @include('jobs.new')
    @endcan
    @if ($archived->isNotEmpty())
    <details id="archive" class="card mt-3"><summary>{{ $archived->count() }} in the archive</summary>
        <ul class="rows">
            @foreach ($archived as $job)
            <li><a href="{{ route('jobs.show', $job) }}"><span>{{ $job->name }}</span><span class="quiet">{{ $job->client_name }}</span></a>
                @can('lead', $job)
                <x-form :action="route('jobs.archive.update', $job)" method="put">
                    <button class="btn small plain">Take {{ $job->name }} out</button></x-form>
                @endcan
            </li>
            @can('lead', $job)
            <li>
                <details id="delete-{{ $job->key }}" class="w-full"><summary>Delete {{ $job->name }} for good</summary>
                    <p class="quiet">With all that was recorded of it, and its packs. Only a backup brings it back.</p>
                    <x-form :action="route('jobs.destroy', $job)" method="delete"
                        class="grid md:grid-cols-[1fr_14rem] gap-x-4 items-end">
                        <label class="field"><span>Write its name</span><input name="written" autocomplete="off" required></label>
                        <button class="btn mb-2.5">Delete {{ $job->name }}</button>
                    </x-form>
                </details>
            </li>
            @endcan
            @endforeach
        </ul>
    </details>
    @endif
</main>
</x-layouts.page>
