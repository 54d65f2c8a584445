@use('Kavvel\Core\Existing\ExistingStanding')
@use('Kavvel\Core\Existing\Fate')
@php($mayWork = $bench->mayWork())
@php($link = fn (?string $at): string => $bench->url(['lens' => 'existing', 'at' => $at]))
@php($row = $device === null ? null : $existing->rows[$device->key])
@if ($isAdding || $isChosen)
<a class="btn plain !justify-start" href="{{ $link(null) }}" data-key="n">← All that is there</a>
@endif
@if ($isAdding && $mayWork)
<div>
    <p class="over"><span>There already</span><span></span></p>
    <h2>Note what is there</h2>
    <p class="why">What it is in decides how it gets out: it can’t be paired as long as something else has it.</p>
</div>
@if ($sheet->geometry->rooms === [])
<p class="note">Draw the rooms first: each device stands in one.</p>
@else
<x-form :action="route('jobs.existing.store', $job)">
    @include('survey.existing.fields', ['row' => null])
    <div class="thumb"><button class="big" id="big" data-move="existing-add">Note it</button></div>
</x-form>
@endif
@elseif ($device === null)
<div>
    <p class="over"><span>There already</span><span>{{ count($existing->devices) }} noted</span></p>
    <h2>{{ $existing->devices === [] ? 'Ask what is there already' : 'Nothing has to leave' }}</h2>
    <p class="why">{{ $existing->devices === []
        ? 'A hub that stays, lamps that move over, a lock that somebody’s app still has: it decides what is paired how.'
        : 'What stays is noted, what moves over is planned and free, what goes is out.' }}</p>
</div>
@if ($mayWork)
<div class="thumb"><a class="big" id="big" data-move="existing" data-key="n" href="{{ $link('add') }}">Note a device</a></div>
@endif
@else
<div>
    <p class="over"><span>{{ $device->fate->words() }}</span><span>{{ $device->standing()->words($device->fate) }}</span></p>
    <h2>{{ Str::ucfirst($row->what) }}</h2>
    <p class="why">{{ $device->profile?->protocol->title() ?? "Some {$row->protocol->title()} device" }}. It is in: {{
        $row->holder_name !== '' ? $row->holder_name : $row->holder->words() }}.{{ $row->note === '' ? '' : " {$row->note}" }}</p>
</div>
@if ($device->fate !== Fate::Keep)
    @if ($device->hasLeft)
    <p class="note done">It left on {{ $row->left_at->onSite()->format('j F, H:i') }}.</p>
    @else
    @include('existing.way-out')
    @endif
@endif
@if ($mayWork)
@if ($device->leavesFirst())
<x-form :action="route('jobs.existing.departure.store', [$job, $row->key])">
    <div class="thumb"><button class="big" id="big" data-move="left-{{ $row->key }}" data-key="n">It has left</button></div>
</x-form>
@endif
@if ($device->fate === Fate::Move && $row->slot === null)
@if ($device->profile === null)
<p class="quiet">The catalogue does not have it: it can be planned once its profile is there.</p>
@elseif ($sheet->geometry->rooms !== [])
<x-form :action="route('jobs.existing.slot.store', [$job, $row->key])">
    <label class="field"><span>From now on in</span><select name="room">
        @foreach ($sheet->geometry->rooms as $one)
        <option value="{{ $one['key'] }}" @selected($one['key'] === $row->room)>{{ $sheet->geometry->roomTitle($one) }}</option>
        @endforeach
    </select></label>
    @if ($device->standing() === ExistingStanding::ToPlan)
    <div class="thumb"><button class="big" id="big" data-move="plan-{{ $row->key }}" data-key="n">Put it on the plan</button></div>
    @else
    <button class="btn">Put it on the plan</button>
    @endif
</x-form>
@endif
@elseif ($row->slot !== null)
<a class="btn" href="{{ $bench->url(['lens' => null, 'slot' => $row->slot->key, 'storey' => null]) }}">See it on the plan</a>
@endif
@if ($device->hasLeft)
<x-form :action="route('jobs.existing.departure.destroy', [$job, $row->key])" method="delete">
    <button class="btn plain">It has not left after all</button>
</x-form>
@endif
<details id="edit-existing"><summary>Change it</summary>
<x-form :action="route('jobs.existing.update', [$job, $row->key])" method="put">
    <input type="hidden" name="lock_version" value="{{ $row->lock_version }}">
    @include('survey.existing.fields')
    <button class="btn">Save it</button>
</x-form>
<x-form :action="route('jobs.existing.destroy', [$job, $row->key])" method="delete">
    <button class="btn plain">It is not there: take it off</button>
</x-form></details>
@if (! $isChosen)
<a class="btn" href="{{ $link('add') }}">Note another device</a>
@endif
@endif
@endif
