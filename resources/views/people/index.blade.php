<x-layouts.page title="People" :user="$user">
<header class="masthead">
    <span class="brand">Kavvel</span>
    <a class="btn small" href="{{ route('jobs.index') }}">Jobs</a>
    <x-form :action="route('sign-out')"><button class="btn small">Sign out {{ $user->name }}</button></x-form>
</header>
<main class="page">
    <h1 class="text-3xl font-bold mb-4">People</h1>
    @if (session('saved'))
    <p class="note done mb-3" role="status">{{ session('saved') }}</p>
    @endif
    <section class="card">
        <ul class="rows">
            @foreach ($people as $person)
            <li>
                <span><strong>{{ $person->name }}</strong><br>
                    <span class="quiet">{{ $person->email }}, {{ $person->role->value }}</span></span>
                <x-form :action="route('people.sessions.destroy', $person->id)" method="delete" class="end">
                    <button class="btn small plain">{{ $person->is($user) ? 'Sign me out elsewhere'
                        : 'Sign '.Str::before($person->name, ' ').' out everywhere' }}</button>
                </x-form>
            </li>
            @endforeach
        </ul>
    </section>
    <section class="card mt-4" aria-label="Signing in">
        <h2 class="text-xl font-semibold mb-2">Who tried to sign in</h2>
        <ul class="rows">
            @forelse ($tries as $try)
            <li><span>{{ $try['name'] }}, {{ $try['words'] }}</span>
                <span class="end quiet"><span class="measure">{{ $try['source'] }}</span>,
                    {{ $try['at']->onSite()->format('j M, H:i') }}</span></li>
            @empty
            <li><span class="quiet">Nobody yet.</span></li>
            @endforelse
        </ul>
    </section>
</main>
</x-layouts.page>
