<x-form-page title="Change the plan here" :job="$job">
<x-form :action="route('jobs.slots.update', [$job, $slot])" method="put">
    <input type="hidden" name="lock_version" value="{{ $slot->lock_version }}">
    <input type="hidden" name="station" value="{{ $station }}">
    @include('forms.slot-fields', ['values' => [
        'place' => $slot->place, 'what' => $slot->what, 'room' => $geometry->rooms[$slot->room_id]['key'],
        'profile' => $profiles[$slot->profile_id]->key,
        'x' => $slot->x, 'y' => $slot->y, 'height' => round($slot->z - $geometry->storeyOfRoom($slot->room_id)['elevation'], 2),
        'mounting' => $slot->mounting, 'feed' => $slot->feed, 'note' => $slot->note, 'behind' => $slot->behind?->key,
    ]])
    <button class="btn">Save the change</button>
</x-form>
@php($linked = App\Models\BridgeLink::into($slot))
@if ($linked !== [])
@php($removals = App\Bridging\Removals::of($job, $slot))
<div class="note danger mt-2"><p>It shows in {{ implode(' and ', $linked) }}. Before it goes:</p>
<ul class="list-disc pl-5">
    @foreach ($removals as [$ecosystem, $removal, $with])
    <li>{{ $removal->how }}@if ($with > 0) Deleted in {{ $ecosystem }} it takes {{
        $with === 1 ? 'one other' : "{$with} others" }} along.@endif</li>
    @endforeach
    <li>What uses it there is pointed to what stays: rooms, routines, groups.</li>
</ul></div>
@endif
@if ($slot->node_id !== null)
<x-form :action="route('jobs.slots.node.destroy', [$job, $slot])" method="delete" class="mt-2">
    <input type="hidden" name="seen" value="{{ implode(', ', $linked) }}">
    <button class="btn plain">{{ $linked === [] ? 'Take its device away' : 'Take its device away all the same' }}</button>
</x-form>
@else
<details id="remove-slot"><summary>Remove it from the plan</summary>
    <p class="quiet mb-2">Its attempts, proofs and codes go out of sight with it. It can be put back.</p>
    <x-form :action="route('jobs.slots.destroy', [$job, $slot])" method="delete">
        <button class="btn">Yes, remove the {{ $slot->title() }}</button></x-form>
</details>
@endif
</x-form-page>
