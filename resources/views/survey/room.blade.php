<x-form :action="route('jobs.rooms.store', $job)">
    <input type="hidden" name="storey" value="{{ $bench->storey }}">
    <label class="field"><span>Room, width x depth in metres</span>
        <input name="measured" placeholder="kitchen 4.2 x 3.6" maxlength="120" autocomplete="off" required></label>
    <button class="btn">Add the room</button>
</x-form>
