@php($rooms = $bench->sheet->geometry->roomsOn($bench->drawing->storey))
<details><summary>Add a slot</summary>
    <x-form :action="route('jobs.slots.store', $job)">
        @include('slots.fields', ['values' => ['place' => '', 'what' => '', 'room' => $rooms[0]['key'] ?? '', 'profile' => '', 'x' => '', 'y' => '', 'height' => '1.1', 'mounting' => 'surface', 'feed' => '', 'note' => ''], 'profiles' => App\JobSheet\Catalogue::of($job->region)])
        <button class="btn">Add it to the plan</button>
    </x-form>
</details>
