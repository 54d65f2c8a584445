@use('Kavvel\Core\Circuits\Dimmable')
<div>
    <h3>Lamps</h3>
    <ul class="rows">
        @foreach ($circuit->lamps as $number => $lamps)
        <li><span>{{ $lamps['count'] }} × {{ $lamps['watts'] }} W, {{ $wiring->roomName($lamps['room']) }}<br><span class="quiet">{{
            Dimmable::from($lamps['dimmable'])->words() }}</span></span>
            @if ($mayWork)
            <x-form :action="route('jobs.circuits.lamps.destroy', [$job, $circuit->key])" method="delete" class="end">
                <input type="hidden" name="number" value="{{ $number }}"><input type="hidden" name="lock_version"
                    value="{{ $circuit->lock_version }}">
                <button class="btn small plain" aria-label="Take off {{ $lamps['count'] }} lamps of {{ $lamps['watts'] }} W,
                    {{ $wiring->roomName($lamps['room']) }}">×</button>
            </x-form>
            @endif
        </li>
        @endforeach
    </ul>
    @if ($mayWork && $circuit->rooms !== [])
    <details id="add-lamps" @if ($circuit->lamps === []) open @endif><summary>Note lamps</summary>
    <x-form :action="route('jobs.circuits.lamps.store', [$job, $circuit->key])">
        <input type="hidden" name="lock_version" value="{{ $circuit->lock_version }}">
        <div class="two">
            <label class="field"><span>How many</span><input name="count" inputmode="numeric" maxlength="3" required></label>
            <label class="field"><span>Watts each</span><input name="watts" inputmode="decimal" maxlength="6" required></label>
        </div>
        <div class="two">
            <label class="field"><span>In</span><select name="room">
                @foreach ($circuit->rooms as $room)
                <option value="{{ $room }}">{{ Str::ucfirst($wiring->roomName($room)) }}</option>
                @endforeach
            </select></label>
            <label class="field"><span>Dimmable</span><select name="dimmable">
                <option value="unknown">not known</option><option value="yes">yes</option><option value="no">no</option>
            </select></label>
        </div>
        <button class="btn">Note the lamps</button>
    </x-form></details>
    @endif
</div>
