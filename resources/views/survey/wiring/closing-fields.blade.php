<label class="field"><span>What closes</span><input name="closing" maxlength="120" value="{{ $row?->name }}" required></label>
<div class="two">
    <label class="field"><span>Trade</span><input name="trade" maxlength="80" value="{{ $row?->trade }}" required></label>
    <label class="field"><span>On</span><input type="date" name="closes_on" value="{{ $row?->closes_on->toDateString() }}" required></label>
</div>
<div class="two">
    <label class="field"><span>Days from ordering</span><input name="lead_days" inputmode="numeric" maxlength="3"
        value="{{ $row->lead_days ?? 0 }}"></label>
    <label class="field"><span>Days of work before</span><input name="fitting_days" inputmode="numeric" maxlength="3"
        value="{{ $row->fitting_days ?? 0 }}"></label>
</div>
<fieldset class="field"><legend class="quiet">It closes in</legend>
    @foreach ($sheet->geometry->rooms as $room)
    <label class="tick"><input type="checkbox" name="room_{{ $room['id'] }}" value="1"
        @checked(in_array($room['key'], $row->rooms ?? [], true))> {{ $sheet->geometry->roomTitle($room) }}</label>
    @endforeach
</fieldset>
