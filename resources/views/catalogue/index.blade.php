@php($isLead = $user->role === App\Models\Role::Lead)
@php($core = $page->core)
<x-layouts.page :title="($core->name ?? $page->sheet?->name() ?? 'All entries').', catalogue'" :user="$user">
<header class="masthead">
    <span class="brand">Kavvel</span>
    <a class="btn small" href="{{ route('jobs.index') }}">Jobs</a>
    <x-form :action="route('sign-out')"><button class="btn small">Sign out {{ $user->name }}</button></x-form>
</header>
<main class="page catalogue">
    <div class="catalogue-head">
        <h1 class="text-3xl font-bold">Catalogue</h1>
        <p class="quiet">{{ $page->count() }} kinds of devices, as this company knows them.</p>
        <a class="btn small" href="{{ route('catalogue.export') }}">Save as a file</a>
        @if ($isLead)
        <details class="menu"><summary>Take in a file</summary>
            <x-form :action="route('catalogue.store')" enctype="multipart/form-data" class="card">
                <label class="field"><span>Catalogue file</span><input type="file" name="file" accept="application/json,.json"></label>
                <button class="btn">Take it in</button>
            </x-form>
            <x-form :action="route('catalogue.standard.store')" class="card mt-2">
                <p class="quiet mb-2">Or the entries that come with Kavvel: those that are here already stay as they are.</p>
                <button class="btn plain">Take in what is missing</button>
            </x-form>
        </details>
        @endif
    </div>
    @if ($errors->any())
    <p class="note danger mb-3" role="alert">{{ implode(' ', array_unique($errors->all())) }}</p>
    @endif
    @if (session('saved'))
    <p class="note done mb-3" role="status">{{ session('saved') }}</p>
    @endif
    <div class="catalogue-body">
    <nav aria-label="Kinds of devices" class="catalogue-list" data-keeps-scroll id="catalogue-list" tabindex="0">
        @foreach ($page->entries as $protocol => $entries)
        <h2>{{ $protocol }}</h2>
        <ul class="plain-list">
            @foreach ($entries as $entry)
            <li><a href="{{ route('catalogue.show', $entry['key']) }}"
                @if ($entry['key'] === $page->profile?->key) aria-current="page" @endif>{{ $entry['name'] }}
                <span class="quiet">{{ $entry['model'] }}</span></a></li>
            @endforeach
        </ul>
        @endforeach
        @foreach (['ecosystem' => 'Ecosystems', 'box' => 'Boxes and services'] as $kind => $title)
        @if ($page->sheets[$kind] !== [])
        <h2>{{ $title }}</h2>
        <ul class="plain-list">
            @foreach ($page->sheets[$kind] as $one)
            <li><a href="{{ route('catalogue.bridges.show', $one->id) }}"
                @if ($one->id === $page->sheet?->id) aria-current="page" @endif>{{ $one->name() }}
                <span class="quiet">{{ $kind === 'ecosystem' ? mb_strtolower($one->ecosystem()->kind->words()) : '' }}</span></a></li>
            @endforeach
        </ul>
        @endif
        @endforeach
    </nav>
    @if ($page->sheet !== null)
    @include('catalogue.sheet', ['sheet' => $page->sheet])
    @endif
    @if ($core !== null)
    <article class="catalogue-entry">
        <h2 class="text-2xl font-bold">{{ $core->name }} <span class="quiet">{{ $core->model }}</span></h2>
        <p>It can: {{ implode(', ', $core->capabilities) }}.</p>
        @if ($core->caution !== '')<p class="note">{{ $core->caution }}</p>@endif
        <dl class="fit-numbers">
            @foreach ($page->facts() as [$name, $value])
            <div><dt>{{ $name }}</dt><dd>{{ $value }}</dd></div>
            @endforeach
        </dl>
        @if ($core->limits !== [])
        <h3 class="font-bold">What it can’t</h3>
        <ul class="rows">@foreach ($core->limits as $limit)<li>{{ $limit }}</li>@endforeach</ul>
        @endif
        @if ($core->recipe !== null)
        <h3 class="font-bold">To join</h3>
        <ol class="rows steps">
            @foreach ($core->recipe->needs as $need)<li><span class="n">·</span><span>{{ $need }}</span></li>@endforeach
            @foreach ($core->recipe->join as $step)
            <li><span class="n">{{ $loop->iteration }}</span><span class="step-what"><span>{{ $step->sentence() }}</span>
                @if ($step->isGesture())<x-gesture :step="$step"/>@endif</span></li>
            @endforeach
            <li><span class="n">✓</span><span>{{ Str::ucfirst($core->recipe->light) }}</span><span class="end"><x-light-sign
                :sign="$core->recipe->sign"/></span></li>
        </ol>
        <h3 class="font-bold">To leave</h3>
        <ol class="rows steps">
            @foreach ($core->recipe->leave as $step)
            <li><span class="n">{{ $loop->iteration }}</span><span>{{ $step->sentence() }}</span></li>
            @endforeach
        </ol>
        @endif
        <h3 class="font-bold">Experience</h3>
        <p>{{ $page->experience?->words() ?? 'Not enough devices of it were let in to say anything.' }}</p>
        @foreach ($page->byFirmware as $firmware => $experience)
        <p class="quiet">Firmware {{ $firmware }}: {{ $experience->words() }}</p>
        @endforeach
        @if ($isLead)
        @include('catalogue.edit')
        @endif
    </article>
    @endif
    </div>
</main>
</x-layouts.page>
