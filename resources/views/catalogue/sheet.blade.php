@use('Kavvel\Core\Bridging\SheetKind')
@php($isEcosystem = $sheet->kind === SheetKind::Ecosystem)
@php($core = $isEcosystem ? $sheet->ecosystem() : $sheet->box())
<article class="catalogue-entry">
    <h2 class="text-2xl font-bold">{{ $core->name }}
        <span class="quiet">{{ $isEcosystem ? mb_strtolower($core->kind->words()) : '' }}</span></h2>
    @if ($core->caution !== '')<p class="note">{{ $core->caution }}</p>@endif
    @include($isEcosystem ? 'bridge.ecosystem-facts' : 'bridge.box-facts', ['sheet' => $core, 'one' => null])
    @if ($isLead)
    @include('catalogue.edit-sheet')
    @endif
</article>
