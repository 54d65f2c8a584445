@php($ofKind = $sheets->get('ecosystem', collect()))
@php($chosen = old('sheet', $one?->sheet->key ?? $ofKind->first(fn ($sheet) => ($sheet->data['kind'] ?? '') === $wanted)?->key))
<label class="field"><span>Its kind</span><select name="sheet">
    @foreach ($ofKind as $sheet)
    <option value="{{ $sheet->key }}" @selected($sheet->key === $chosen)>{{ $sheet->name() }}, {{
        mb_strtolower($sheet->ecosystem()->kind->words()) }}</option>
    @endforeach
</select></label>
<label class="field"><span>What the client calls it</span><input name="name" value="{{ old('name', $one?->name) }}" maxlength="80"
    placeholder="as its kind"></label>
<label class="field"><span>Release that it shows, if it shows one</span><input name="matter_release" maxlength="20" inputmode="decimal"
    value="{{ old('matter_release', $one?->matter_release) }}" placeholder="by its sheet"></label>
<label class="field"><span>Whose account</span><input name="account_of" value="{{ old('account_of', $one?->account_of) }}" maxlength="120"
    placeholder="{{ $job->client_name }}"></label>
<label class="field"><span>Note</span><input name="note" value="{{ old('note', $one?->note) }}" maxlength="255"></label>
