@use('Kavvel\Core\Pairing\CodeNeed')
@php($codeSheet = $target->profile->codeSheet)
<div class="code-step">
    @if ($codes->need === CodeNeed::Stale)
    <p class="note">The {{ $codeSheet->family->words() }} that was noted opens nothing any more:
        {{ $codes->stale->stale_because }}. Fetch the new one.</p>
    @endif
    <p>@if ($codes->need->isFirst())<strong>Scan or type its {{ $codeSheet->family->words() }}</strong><br>@endif
        {{ Str::ucfirst($codeSheet->family->looks()) }}{{ $codeSheet->where === '' ? '' : ', '.$codeSheet->where }}.</p>
    @if ($mayWork)
    @foreach ($codes->trayed as $credential)
    <x-form :action="route('jobs.codes.update', [$job, $credential->id])" method="put" class="mb-2">
        <input type="hidden" name="from" value="pair"><input type="hidden" name="slot" value="{{ $slot->key }}">
        @if ($codes->isInTray())
        <div class="thumb"><button class="big" id="big" data-move="tray-{{ $credential->id }}" data-key="n">Take the code that was
            scanned at {{ $credential->created_at?->onSite()->format('H:i') }}</button></div>
        @else
        <button class="btn plain">Take the {{ $credential->title() }} that was scanned at {{
            $credential->created_at?->onSite()->format('H:i') }}</button>
        @endif
    </x-form>
    @endforeach
    <x-code-entry :action="route('jobs.slots.code.store', [$job, $slot])" :family="$codeSheet->family" id="pair-code"
        :big="$codes->need->isFirst() && ! $codes->isInTray() ? 'code-'.$slot->key : null">
        <input type="hidden" name="from" value="pair">
    </x-code-entry>
    @endif
</div>
