@php($minutes = static fn (int $m): string => $m >= 60 ? intdiv($m, 60).' h '.str_pad((string) ($m % 60), 2, '0', STR_PAD_LEFT) : "{$m} min")
<header class="top">
    <h1>{{ $job->name }}</h1>
    <span class="visit">Visit {{ $job->visit_number }} of {{ $job->visit_of }} · {{ $minutes($job->planned_minutes) }} planned, {{ $minutes($job->used_minutes) }} used</span>
    <a class="btn find" data-key="/" href="{{ route('jobs.find', $job) }}" hx-boost="false" hx-get="{{ route('jobs.find', $job) }}" hx-target="#drawer" hx-select="unset" hx-swap="innerHTML">Find <kbd>/</kbd></a>
    <a class="btn" data-key="l" href="{{ route('jobs.logbook', $job) }}" hx-boost="false" hx-get="{{ route('jobs.logbook', $job) }}" hx-target="#drawer" hx-select="unset" hx-swap="innerHTML">Log <kbd>l</kbd></a>
    <a class="btn" data-key="s" href="{{ route('jobs.snags', $job) }}" hx-boost="false" hx-get="{{ route('jobs.snags', $job) }}" hx-target="#drawer" hx-select="unset" hx-swap="innerHTML">{{ $bench->openSnags }} {{ Str::plural('snag', $bench->openSnags) }} <kbd>s</kbd></a>
    <details class="menu"><summary class="btn" data-key="?"><span aria-hidden="true">?</span><span class="visually-hidden">Shortcuts and settings</span></summary>
        <div>
            <p id="saved" class="quiet">Saved {{ now()->onSite()->format('H:i') }}@if ($bench->sheet->gateway?->url) · {{ $bench->sheet->gateway->silentSince() === null ? 'hub answers' : 'hub silent' }}@endif</p>
            <div class="pair"><button type="button" class="btn plain" data-theme-to="light">Light</button><button type="button" class="btn plain" data-theme-to="dark">Dark</button></div>
            <p><kbd>1</kbd>–<kbd>9</kbd> stations, <kbd>n</kbd> next move, <kbd>/</kbd> find, <kbd>l</kbd> log, <kbd>s</kbd> snags, <kbd>[</kbd> <kbd>]</kbd> storeys, <kbd>?</kbd> this list</p>
            <x-form :action="route('keys.update')" method="put" hx-boost="false">
                <input type="hidden" name="single_keys" value="{{ $bench->user->single_keys ? 0 : 1 }}">
                <button class="btn plain">Switch single keys {{ $bench->user->single_keys ? 'off' : 'on' }}</button>
            </x-form>
            <a class="btn plain" href="{{ route('jobs.index') }}" hx-boost="false">All jobs</a>
            <x-form :action="route('sign-out')" hx-boost="false"><button class="btn plain">Sign out {{ $bench->user->name }}</button></x-form>
        </div>
    </details>
</header>
