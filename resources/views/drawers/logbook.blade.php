<x-drawer title="Logbook" :job="$job">
    @can('work', $job)
    <x-form :action="route('jobs.logbook.store', $job)" to="#drawer">
        <label class="field"><span>Note what happened</span><textarea name="text" maxlength="500" required autofocus></textarea></label>
        <button class="btn">Write it down</button>
    </x-form>
    @endcan
    <ul class="rows">
        @foreach ($entries as $entry)
        @php($at = $entry->at)
        <li><span>{{ $entry->text }}
            <time datetime="{{ $at->toIso8601String() }}">{{ $at->onSite()->format('j M, H:i') }} · {{ $entry->by }}</time>
        </span></li>
        @endforeach
        @if ($earlier !== null)
        <li class="!py-3"><a class="btn" href="{{ $earlier }}" hx-get="{{ $earlier }}" hx-target="closest li" hx-select=".rows > li"
            hx-swap="outerHTML">Earlier</a></li>
        @endif
    </ul>
</x-drawer>
