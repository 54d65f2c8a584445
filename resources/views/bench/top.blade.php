@php($minutes = static fn (int $m): string => $m >= 60 ? intdiv($m, 60).' h '.str_pad((string) ($m % 60), 2, '0', STR_PAD_LEFT)
    : "{$m} min")
@php($snags = $bench->counts->openSnags)
<header class="top">
    <h1>{{ $job->name }}</h1>
    <span class="visit">Visit {{ $job->visit_number }} of {{ $job->visit_of }} ·
        {{ $minutes($job->planned_minutes) }} planned, {{ $minutes($job->used_minutes) }} used</span>
    <x-drawer-link class="find" key="/" :href="route('jobs.find', $job)">Find</x-drawer-link>
    <x-drawer-link key="l" :href="route('jobs.logbook', $job)">Log</x-drawer-link>
    <x-drawer-link key="s" :href="route('jobs.snags', $job)">{{ $snags }} {{ Str::plural('snag', $snags) }}</x-drawer-link>
    <details class="menu" id="menu">
        <summary class="btn" data-key="?"><span aria-hidden="true">?</span><span
            class="visually-hidden">Shortcuts and settings</span></summary>
        <div>
            @foreach ($bench->sheet->linkedHubs() as $hub)
            <p class="quiet">{{ $hub->gateway->name }} {{ $hub->silentSince() === null ? 'answers' : 'is silent' }}</p>
            @endforeach
            <div class="pair">
                <button type="button" class="btn plain" data-theme-to="light">Light</button>
                <button type="button" class="btn plain" data-theme-to="dark">Dark</button>
            </div>
            <p><kbd>1</kbd>–<kbd>9</kbd> stations, <kbd>n</kbd> next move, <kbd>/</kbd> find, <kbd>l</kbd> log, <kbd>s</kbd> snags,
                <kbd>[</kbd> <kbd>]</kbd> storeys, <kbd>?</kbd> this list</p>
            <x-form :action="route('keys.update')" method="put" hx-boost="false">
                <input type="hidden" name="single_keys" value="{{ $bench->user->single_keys ? 0 : 1 }}">
                <button class="btn plain">Switch single keys {{ $bench->user->single_keys ? 'off' : 'on' }}</button>
            </x-form>
            <a class="btn plain" href="{{ route('jobs.index') }}" hx-boost="false">All jobs</a>
            <x-form :action="route('sign-out')" hx-boost="false">
                <button class="btn plain">Sign out {{ App\Bench\Part::NAME }}</button></x-form>
        </div>
    </details>
</header>
