@use('Kavvel\Core\Bridging\FormWords')
@use('Kavvel\Core\Bridging\FunctionTable')
@php($list = fn (array $words): string => $words === [] ? 'none' : implode(', ', $words))
<dl class="facts">
    <div><dt>Account</dt><dd>{{ $sheet->account === '' ? 'none needed' : $sheet->account }}{{
        $one === null || $sheet->account === '' ? '' : ', '.($one->account_of ?? 'nobody has said whose') }}</dd></div>
    @if ($one?->read_at !== null && $sheet->account !== '')
    <div><dt>Signed in</dt><dd>{{ $one->read_account ?? 'nobody, as was read' }}</dd></div>
    @endif
    <div><dt>Release</dt><dd>{{ $one?->matter_release ?? $sheet->release?->text ?? 'none' }}{{
        $one !== null && $one->matter_release === null && $sheet->release !== null ? ', by its sheet' : '' }}</dd></div>
    <div><dt>Takes in</dt><dd>{{ $list(array_map(FormWords::of(...), $sheet->accepts)) }}</dd></div>
    <div><dt>Knows</dt><dd>{{ $list(array_map(FunctionTable::words(...), $sheet->knows)) }}</dd></div>
    <div><dt>Deleting one</dt><dd>{{ $sheet->removal->words() }}</dd></div>
    <div><dt>No internet</dt><dd>{{ $sheet->needsInternet ? 'it stands still' : 'it goes on' }}</dd></div>
    <div><dt>Names</dt><dd>{{ $sheet->nameLength === null ? 'any length' : "up to {$sheet->nameLength} characters" }}{{
        $sheet->addsRoom ? ', adds the room' : '' }}, {{
        $sheet->followsNames ? 'follows a later name' : 'keeps the first name' }}</dd></div>
</dl>
