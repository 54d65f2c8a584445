@use('Kavvel\Core\Existing\Fate')
@use('Kavvel\Core\Existing\Holder')
@use('Kavvel\Core\Protocol\Protocol')
<label class="field"><span>What it is</span><input name="what" maxlength="120" value="{{ $row?->what }}" required></label>
<label class="field"><span>In</span><select name="room">
    @foreach ($sheet->geometry->rooms as $one)
    <option value="{{ $one['key'] }}" @selected($one['key'] === $row?->room)>{{ $sheet->geometry->roomTitle($one) }}</option>
    @endforeach
</select></label>
<label class="field"><span>Kind</span><select name="kind" required>
    @if ($row === null)
    <option value="">choose</option>
    @endif
    <optgroup label="Of the catalogue">
        @foreach ($catalogue as $id => $profile)
        <option value="profile {{ $profile->key }}" @selected($row?->profile_id === $id)>{{ $profile->name }}, {{
            $profile->protocol->title() }}</option>
        @endforeach
    </optgroup>
    <optgroup label="Not in the catalogue">
        @foreach (Protocol::cases() as $protocol)
        <option value="protocol {{ $protocol->value }}" @selected($row !== null && $row->profile_id === null
            && $row->protocol === $protocol)>some {{ $protocol->title() }} device</option>
        @endforeach
    </optgroup>
</select></label>
<label class="field"><span>It is in</span><select name="holder">
    @foreach (Holder::cases() as $holder)
    <option value="{{ $holder->value }}" @selected($row?->holder === $holder)>{{ $holder->words() }}</option>
    @endforeach
</select></label>
<label class="field"><span>Which hub or app, and whose</span><input name="holder_name" maxlength="120"
    value="{{ $row?->holder_name }}"></label>
<label class="field"><span>What becomes of it</span><select name="fate">
    @foreach (Fate::cases() as $fate)
    <option value="{{ $fate->value }}" @selected($row?->fate === $fate)>{{ $fate->words() }}</option>
    @endforeach
</select></label>
<label class="field"><span>Note</span><input name="note" maxlength="255" value="{{ $row?->note }}"></label>
