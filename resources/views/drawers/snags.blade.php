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
    @if ($temporary->isNotEmpty() || auth()->user()->can('work', $job))
    <h3>For the work only</h3>
    <ul class="rows">
        @foreach ($temporary as $one)
        <li><span class="flex-1">{{ $one->what }}<time>{{ $one->opened_at->onSite()->format('j M, H:i') }} · {{ $one->opened_by }}{{
            $one->close_by === null ? '' : ' · until '.$one->close_by->format('j M') }}</time></span>
            @can('work', $job)
            <x-form :action="route('jobs.temporary-states.destroy', [$job, $one->key])" method="delete" to="#drawer">
                <button class="btn small plain">Closed</button>
            </x-form>
            @endcan
        </li>
        @endforeach
    </ul>
    @can('work', $job)
    <details id="temporary"><summary>Something is opened for the work only</summary>
    <x-form :action="route('jobs.temporary-states.store', $job)" to="#drawer">
        <label class="field"><span>What</span><input name="what" maxlength="190" required></label>
        <label class="field"><span>To be closed by</span><input type="date" name="close_by"></label>
        <button class="btn">Note it</button>
    </x-form></details>
    @endcan
    @endif
</x-drawer>
