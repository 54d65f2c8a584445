<x-drawer title="Snags" :job="$job">
    @can('work', $job)
    <x-form :action="route('jobs.snags.store', $job)" to="#drawer">
        <label class="field"><span>What is wrong</span><textarea name="text" maxlength="500" required autofocus></textarea></label>
        <label class="field"><span>Where</span><select name="slot">
            <option value="">The whole job</option>
            @foreach ($slots as $slot)
            <option value="{{ $slot->key }}">{{ Str::ucfirst($slot->title()) }}, {{ mb_strtolower($slot->room->name) }}</option>
            @endforeach
        </select></label>
        <button class="btn">Raise the snag</button>
    </x-form>
    @endcan
    <ul class="rows">
        @forelse ($snags as $snag)
        <li><span class="flex-1">{{ $snag->text }}<time>{{ $snag->raised_at->onSite()->format('j M, H:i') }} · {{ $snag->raised_by }} ·
            {{ $snag->state === 'accepted' ? "accepted by {$snag->accepted_by}" : $snag->state }}</time></span>
            @if ($snag->state === 'open' && auth()->user()->can('work', $job))
            <x-form :action="route('jobs.snags.update', [$job, $snag->key])" method="put" to="#drawer">
                <input type="hidden" name="lock_version" value="{{ $snag->lock_version }}">
                <button class="btn small plain">Put right</button>
            </x-form>
            @endif
        </li>
        @empty
        <li>No snags.</li>
        @endforelse
    </ul>
</x-drawer>
