@php($ofKind = $sheets->get('box', collect()))
@php($hub = old('gateway', $one?->gateway?->key ?? ($one === null && in_array($wanted, $bridging->bareHubs(), true) ? $wanted : null)))
@php($chosen = old('sheet', $one?->sheet->key ?? $ofKind->first(fn ($sheet) => ($sheet->data['hub'] ?? false) === ($hub !== null))?->key))
<label class="field"><span>Its kind</span><select name="sheet">
    @foreach ($ofKind as $sheet)
    <option value="{{ $sheet->key }}" @selected($sheet->key === $chosen)>{{ $sheet->name() }}</option>
    @endforeach
</select></label>
<label class="field"><span>What it is called</span><input name="name" maxlength="80" placeholder="as its kind"
    value="{{ old('name', $one?->name ?? ($hub === null ? null : $bridging->hubName($hub))) }}"></label>
<label class="field"><span>It is a hub of this job</span><select name="gateway">
    <option value="">no, a box of its own</option>
    @foreach ($bridging->sheet->hubs as $one_hub)
    <option value="{{ $one_hub->key() }}" @selected($one_hub->key() === $hub)>{{ $one_hub->gateway->name }}</option>
    @endforeach
</select></label>
<label class="field"><span>It is</span><select name="is_owned">
    @php($isOwned = (int) old('is_owned', $one === null ? $hub !== null : $one->is_owned))
    @foreach ([1 => 'there already', 0 => 'to be weighed'] as $value => $words)
    <option value="{{ $value }}" @selected($value === $isOwned)>{{ $words }}</option>
    @endforeach
</select></label>
<div class="two">
    <label class="field"><span>Firmware</span><input name="firmware" value="{{ old('firmware', $one?->firmware) }}" maxlength="40"></label>
    <label class="field"><span>Release of its export</span><input name="matter_release" maxlength="20" inputmode="decimal"
        value="{{ old('matter_release', $one?->matter_release) }}" placeholder="by its sheet"></label>
</div>
<div class="two">
    <label class="field"><span>Segment</span><input name="segment" value="{{ old('segment', $one?->segment) }}" maxlength="40"></label>
    <label class="field"><span>Address</span><input name="address" value="{{ old('address', $one?->address) }}" maxlength="60"></label>
</div>
<label class="tick"><input type="checkbox" name="is_reserved" value="1" @checked(old('is_reserved', $one?->is_reserved))> The router always
    gives it this address</label>
<label class="field"><span>Note</span><input name="note" value="{{ old('note', $one?->note) }}" maxlength="255"></label>
