@php($rooms = $bench->sheet->geometry->roomsOn($bench->storey))
@php($profiles = App\JobSheet\Catalogue::of($job->region))
<details id="add-slot"><summary>Add a slot</summary>
    @if ($profiles === [])
    <p class="quiet">The catalogue is empty: import a job file that brings its profiles.</p>
    @else
    <x-form :action="route('jobs.slots.store', $job)">
        @include('slots.fields', ['values' => [
            'place' => '', 'what' => '', 'room' => $rooms[0]['key'] ?? '', 'profile' => '', 'x' => '', 'y' => '', 'height' => '1.1',
            'mounting' => 'surface', 'feed' => '', 'note' => '',
        ]])
        <button class="btn">Add it to the plan</button>
    </x-form>
    @endif
</details>
