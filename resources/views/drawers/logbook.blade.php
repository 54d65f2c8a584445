<x-drawer title="Logbook" :job="$job">
    @can('work', $job)
    <x-form :action="route('jobs.logbook.store', $job)" to="#drawer">
        <label class="field"><span>Note what happened</span><textarea name="text" maxlength="500" required autofocus></textarea></label>
        <button class="btn">Write it down</button>
    </x-form>
    @endcan
    <ul class="rows">
        @foreach ($entries as $entry)
        <li><span>{{ $entry->text }}
            <time datetime="{{ $entry->at->toIso8601String() }}">{{ $entry->at->onSite()->format('j M, H:i') }} · {{ $entry->by }}</time>
        </span></li>
        @endforeach
    </ul>
</x-drawer>
