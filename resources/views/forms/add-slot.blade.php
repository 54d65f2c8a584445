<x-form-page title="Plan a device" :job="$job">
@if ($profiles === [])
<p class="quiet">The catalogue is empty: import a job file that brings its profiles.</p>
@else
<x-form :action="route('jobs.slots.store', $job)">
    @include('forms.slot-fields', ['values' => [
        'place' => '', 'what' => '', 'room' => $room, 'profile' => '', 'x' => '', 'y' => '', 'height' => '1.1',
        'mounting' => 'surface', 'feed' => '', 'note' => '',
    ]])
    <button class="btn">Add it to the plan</button>
</x-form>
@endif
</x-form-page>
