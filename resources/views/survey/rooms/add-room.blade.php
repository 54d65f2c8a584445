@use('Kavvel\Core\Floorplan\RoomKind')
<x-form :action="route('jobs.plan-edits.store', $job)" data-plan-edit>
    <input type="hidden" name="edit" value="add-room"><input type="hidden" name="storey" value="{{ $on->key }}">
    <input type="hidden" name="on" value="{{ $on->key }}">
    <label class="field"><span>Room, width x depth, height in metres</span>
        <input name="measured" placeholder="kitchen 4.2 x 3.6, h 2.4" maxlength="120" autocomplete="off" required data-first></label>
    <label class="field"><span>It is a</span><select name="kind">
        @foreach (RoomKind::cases() as $kind)
        <option value="{{ $kind->value }}">{{ $kind->words() }}</option>
        @endforeach
    </select></label>
    <div class="thumb"><button class="big" id="big" data-move="measure" data-key="n">Add the room</button></div>
</x-form>
