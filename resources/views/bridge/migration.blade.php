@use('Kavvel\Core\Bridging\MigrationSchool')
@use('Kavvel\Core\Bridging\MigrationStep')
@php([$old, $migration] = $migrating)
@php($into = $bridging->ecosystems[$old->ecosystem_key]->name ?? 'a box')
@php($removal = ($bridging->ecosystems[$old->ecosystem_key] ?? null)?->sheet->ecosystem()->removal)
@php($names = array_map(fn ($key) => Str::ucfirst($bridging->card($key)?->calledInRoom() ?? $key), $migration->devices))
<div>
    <p class="over"><span>Old path into {{ $into }}</span><span>step {{ count($migration->done()) + 1 }} of {{
        count($migration->done()) + 1 + count($migration->ahead()) }}</span></p>
    <h2>{{ $migration->step->words() }}</h2>
    <p class="why">{{ match ($migration->step) {
        MigrationStep::ListUsers => $migration->moving === []
            ? 'No want leads over it any more. What uses these devices there stops with it: ask first.'
            : 'A new path leads there. Before anything is changed: which rooms, routines, groups and phrases use these devices?',
        MigrationStep::TakeOver => 'The new path is proved. Rooms, routines, groups and phrases go over to the new devices, one after the '
            .'other.',
        default => $migration->moving === [] ? 'Nothing is to show there by it any more.'
            : ($migration->school === MigrationSchool::RemoveAtOnce ? 'Until the new path works, nothing of this shows there.'
                : 'Nothing uses it any more. What it showed is proved once more without it.'),
    } }}</p>
</div>
@if ($migration->ahead() !== [])
<details id="steps-ahead"><summary>Then</summary>
<ol class="rows steps">
    @foreach ($migration->ahead() as $number => $step)
    <li><span class="n">{{ count($migration->done()) + $number + 2 }}</span><span>{{ $step->words() }}</span></li>
    @endforeach
</ol>
</details>
@endif
@if ($migration->step === MigrationStep::Remove)
<p class="note">Take it out at its box: out of the list of what is shown, or its link as a whole.{{
    $removal === null || $removal->value === 'single' ? '' : " Do not delete a single device in {$into}: that {$removal->words()}." }}</p>
@endif
@if (($old->users ?? '') !== '')
<div><h3>What uses it</h3><p>{{ $old->users }}</p></div>
@endif
@if ($bench->mayWork())
@if ($migration->step === MigrationStep::ListUsers)
<x-form :action="route('jobs.bridge-links.migration.store', [$job, $old->id])">
    <label class="field"><span>What uses it, if anything does</span><textarea name="users" rows="3" maxlength="1000">{{
        old('users', $old->users) }}</textarea></label>
    @if ($migration->moving === [])
    <input type="hidden" name="school" value="{{ MigrationSchool::RemoveAtOnce->value }}">
    @else
    <label class="field"><span>When the old path goes</span><select name="school">
        @foreach (MigrationSchool::cases() as $school)
        <option value="{{ $school->value }}" @selected(old('school') === $school->value)>{{ $school->words() }}</option>
        @endforeach
    </select></label>
    @foreach (MigrationSchool::cases() as $school)
    <p class="quiet">{{ $school->words() }}: {{ lcfirst($school->why()) }}</p>
    @endforeach
    <label class="field"><span>Both may stand side by side until</span><input type="date" name="until"
        value="{{ old('until', now()->onSite()->addWeek()->format('Y-m-d')) }}"></label>
    @endif
    <div class="thumb"><button class="big" id="big" data-move="users-{{ $old->id }}">It is noted</button></div>
</x-form>
@elseif ($migration->step === MigrationStep::TakeOver)
<x-form :action="route('jobs.bridge-links.migration.update', [$job, $old->id])" method="put">
    <div class="thumb"><button class="big" id="big" data-move="over-{{ $old->id }}" data-key="n">They use the new ones</button></div>
</x-form>
@else
<x-form :action="route('jobs.bridge-links.destroy', [$job, $old->id])" method="delete">
    <div class="thumb"><button class="big" id="big" data-move="out-{{ $old->id }}" data-key="n">It is taken out</button></div>
</x-form>
@endif
@endif
<details id="old-devices"><summary>The {{ count($names) }} that show by it</summary>
<ul class="rows">@foreach ($names as $name)<li><span>{{ $name }}</span></li>@endforeach</ul>
</details>
