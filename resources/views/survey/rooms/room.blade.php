@use('Kavvel\Core\Floorplan\RoomKind')
@php($room = $panel->room())
@php($measure = $panel->measure($room))
<x-form :action="route('jobs.plan-edits.store', $job)" data-plan-edit>
    @include('survey.rooms.edit', ['edit' => 'change-room'])
    <div class="two">
        <label class="field"><span>Name</span><input name="name" value="{{ $room->name }}" maxlength="60" required></label>
        <label class="field"><span>Code</span><input name="code" value="{{ $room->code }}" maxlength="8" required></label>
    </div>
    <div class="two">
        <label class="field"><span>It is a</span><select name="kind">
            @foreach (RoomKind::cases() as $kind)
            <option value="{{ $kind->value }}" @selected($kind === $room->kind)>{{ $kind->words() }}</option>
            @endforeach
        </select></label>
        <label class="field"><span>Height, m</span>
            <input name="room_height" value="{{ $room->height }}" placeholder="{{ $on->height }}" inputmode="decimal"></label>
    </div>
    <button class="btn">Save the room</button>
</x-form>
@if ($measure->width !== null)
<x-form :action="route('jobs.plan-edits.store', $job)" data-plan-edit>
    @include('survey.rooms.edit', ['edit' => 'resize-room'])
    <div class="three">
        <label class="field"><span>Width, m</span><input name="width" value="{{ $measure->width }}" inputmode="decimal" required></label>
        <label class="field"><span>Depth, m</span><input name="depth" value="{{ $measure->depth }}" inputmode="decimal" required></label>
        <button class="btn self-end mb-2.5">Resize</button>
    </div>
</x-form>
@endif
<details id="move-room"><summary>Move it by metres</summary>
<p class="quiet">Or drag it; or, with the room in focus, use the arrow keys: 0.1 m a press, 1 m with Shift.</p>
<x-form :action="route('jobs.plan-edits.store', $job)" data-plan-edit>
    @include('survey.rooms.edit', ['edit' => 'move-room'])
    <div class="three">
        <label class="field"><span>Right</span><input name="dx" value="0" inputmode="decimal" required></label>
        <label class="field"><span>Down</span><input name="dy" value="0" inputmode="decimal" required></label>
        <button class="btn self-end mb-2.5">Move</button>
    </div>
    <label class="tick"><input type="checkbox" name="by_hand" value="1"> <span>Let it meet what is near</span></label>
</x-form></details>
<details id="cut-corner"><summary>Cut a corner</summary>
<x-form :action="route('jobs.plan-edits.store', $job)" data-plan-edit>
    @include('survey.rooms.edit', ['edit' => 'cut-corner'])
    <div class="three">
        <label class="field"><span>Corner</span><select name="corner">
            @foreach ($room->outline as $number => $corner)
            <option value="{{ $number }}">{{ $number + 1 }}</option>
            @endforeach
        </select></label>
        <label class="field"><span>Across, m</span><input name="across" value="1" inputmode="decimal" required></label>
        <label class="field"><span>Down, m</span><input name="down" value="1" inputmode="decimal" required></label>
    </div>
    <button class="btn">Cut it</button>
</x-form></details>
<details id="remove-room"><summary>Take it off the plan</summary>
<x-form :action="route('jobs.plan-edits.store', $job)" data-plan-edit>
    @include('survey.rooms.edit', ['edit' => 'remove-room'])
    <button class="btn">Yes, take the {{ mb_strtolower($room->name) }} off</button>
</x-form></details>
