@use('Kavvel\Core\Bridging\Opening')
@php($words = array_map(fn ($one) => $one->register($of), Opening::cases()))
@php($open = $job->temporaryStates()->whereNull('closed_at')->whereIn('what', $words)->orderBy('id')->get())
@foreach ($open as $state)
<div class="note">
    <p>{{ $state->what }}.{{ $state->close_by === null ? '' : ' By '.$state->close_by->format('j M').' at the latest.' }}</p>
    @if ($bench->mayWork())
    <x-form :action="route('jobs.temporary-states.destroy', [$job, $state->key])" method="delete">
        <input type="hidden" name="from" value="bridge"><button class="btn">It is closed</button>
    </x-form>
    @endif
</div>
@endforeach
@if ($bench->mayWork())
<details id="opening" @if ($errors->has('opening') || $errors->has('until')) open @endif><summary>Something is open for the work</summary>
<x-form :action="route('jobs.openings.store', $job)">
    <input type="hidden" name="of" value="{{ $of }}"><input type="hidden" name="at" value="{{ $at }}">
    <label class="field"><span>What was opened</span><select name="opening">
        @foreach (Opening::cases() as $one)
        <option value="{{ $one->value }}" @selected(old('opening') === $one->value)>{{ $one->words() }}</option>
        @endforeach
    </select></label>
    <label class="field"><span>Closed by</span><input type="date" name="until"
        value="{{ old('until', now()->onSite()->addWeek()->format('Y-m-d')) }}" required></label>
    <button class="btn">Register it</button>
</x-form>
</details>
@endif
