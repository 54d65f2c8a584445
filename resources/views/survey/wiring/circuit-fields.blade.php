@use('Kavvel\Core\Circuits\CircuitKind')
<label class="field"><span>Its label at the board</span><input name="label" maxlength="120" value="{{ $circuit?->label }}" required></label>
<div class="two">
    <label class="field"><span>Feeds</span><select name="kind">
        @foreach (CircuitKind::cases() as $kind)
        <option value="{{ $kind->value }}" @selected($kind === $circuit?->kind)>{{ $kind->words() }}</option>
        @endforeach
    </select></label>
    <label class="field"><span>Phase</span><input name="phase" maxlength="10" value="{{ $circuit?->phase }}"></label>
</div>
<div class="two">
    <label class="field"><span>Breaker</span><input name="breaker" maxlength="40" placeholder="B 4"
        value="{{ $circuit?->breaker }}"></label>
    <label class="field"><span>Amperes</span><input name="breaker_a" inputmode="decimal" maxlength="6"
        value="{{ $circuit?->breaker_a }}"></label>
</div>
<label class="field"><span>Residual-current device</span><input name="rcd" maxlength="60" value="{{ $circuit?->rcd }}"></label>
<div class="two">
    <label class="field"><span>Panel channel</span><input name="channel" maxlength="40" value="{{ $circuit?->channel }}"></label>
    <label class="field"><span>It bears, W</span><input name="channel_w" inputmode="decimal" maxlength="8"
        value="{{ $circuit?->channel_w }}"></label>
</div>
<fieldset class="field"><legend class="quiet">Rooms</legend>
    @foreach ($sheet->geometry->rooms as $room)
    <label class="tick"><input type="checkbox" name="room_{{ $room['id'] }}" value="1"
        @checked(in_array($room['key'], $circuit?->rooms ?? [], true))> {{ $sheet->geometry->roomTitle($room) }}</label>
    @endforeach
</fieldset>
