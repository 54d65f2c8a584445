@php($mayWork = $bench->mayWork())
<div id="pair-codes" data-keeps-scroll tabindex="0" role="group" aria-label="Codes" class="fit-middle">
<div>
    <h2 class="text-xl font-bold">Scan the whole box first</h2>
    <p class="quiet">One code after the other. A code that names its product finds its device by itself; the others wait here until you
        say whose they are.</p>
</div>
@if ($mayWork)
<x-code-entry :action="route('jobs.codes.store', $job)" id="tray-code"/>
@endif
@if ($tray->waiting !== [])
<section aria-labelledby="waiting">
    <h3 id="waiting">In the tray: {{ count($tray->waiting) }}</h3>
    <ul class="rows tray">
        @foreach ($tray->waiting as ['credential' => $credential, 'code' => $code, 'product' => $product, 'fits' => $fits])
        <li>
            <div class="tray-what"><strong>{{ $product ?? $credential->title() }}</strong>
                <span class="quiet">{{ $product === null ? '' : $credential->title().', ' }}scanned {{
                    $credential->created_at?->onSite()->format('H:i') }} by {{ $credential->stored_by }}</span></div>
            @if ($fits === [])
            <p class="note">No device of the plan waits for it.</p>
            @elseif ($mayWork)
            <x-form :action="route('jobs.codes.update', [$job, $credential->id])" method="put" class="tray-whose">
                <label class="visually-hidden" for="whose-{{ $credential->id }}">Whose code it is</label>
                <select id="whose-{{ $credential->id }}" name="slot">
                    @foreach ($fits as $card)
                    <option value="{{ $card->key() }}">{{ $card->fullTitle() }}</option>
                    @endforeach
                </select>
                <button class="btn small">It is its code</button>
            </x-form>
            @endif
            @if ($mayWork)
            <x-form :action="route('jobs.codes.destroy', [$job, $credential->id])" method="delete">
                <button class="btn small plain" aria-label="Throw away the code of {{ $product ?? $credential->title() }}">Throw
                    away</button>
            </x-form>
            @endif
        </li>
        @endforeach
    </ul>
</section>
@endif
<section aria-labelledby="missing">
    <h3 id="missing">{{ match (count($tray->missing)) {
        0 => 'No device waits for its code',
        1 => 'One device waits for its code',
        default => count($tray->missing).' devices wait for their code',
    } }}</h3>
    <ul class="rows">
        @foreach ($tray->missing as $card)
        <li><a href="{{ route('jobs.pair', [$job, 'next' => $card->key()]) }}">
            @chip($card->profile->protocol)<span>{{ $card->fullTitle() }}</span>
            <span class="end quiet">{{ $card->profile->codeSheet?->where }}</span></a></li>
        @endforeach
    </ul>
</section>
@if ($tray->found !== [])
<section aria-labelledby="found">
    <h3 id="found">With their device: {{ count($tray->found) }}</h3>
    <ul class="rows">
        @foreach ($tray->found as ['credential' => $credential, 'card' => $card])
        <li><a href="{{ $bench->url(['slot' => $card->key(), 'storey' => null]) }}">
            @chip($card->profile->protocol)<span>{{ $card->fullTitle() }}</span>
            <span class="end quiet">{{ $credential->title() }}</span></a></li>
        @endforeach
    </ul>
</section>
@endif
</div>
