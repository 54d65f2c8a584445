@use('Kavvel\Core\Bridging\FormWords')
@php($link = fn (string $what): string => $bench->url(['at' => $what]))
@php($used = array_combine(
    array_map(fn ($one) => $one->id, $growth),
    array_map(fn ($one) => "{$one->used} of {$one->limit} devices", $growth),
))
<div class="wants">
<div class="wants-scroll" id="boxes-scroll" data-keeps-scroll tabindex="0" role="group" aria-label="Boxes and ecosystems">
<section class="reach">
    <h2>From where it is used</h2>
    <div class="reach-doors">
        @foreach ($bridging->ecosystems as $one)
        @php($sheet = $one->sheet->ecosystem())
        <a class="door is-wire sheet-door" href="{{ $link("ecosystem {$one->key}") }}"
            @if ($at === "ecosystem {$one->key}") aria-current="true" @endif>
            <span>{{ $one->name }}</span><strong>{{ $sheet->kind->words() }}</strong>
            @php($release = $one->matter_release ?? $sheet->release?->text)
            <small>{{ implode(', ', array_filter([
                $release === null ? null : "release {$release}", $used[$one->key] ?? null,
            ])) }}</small></a>
        @endforeach
        @foreach ($bridging->household->missingKinds() as $kind)
        <a class="door is-dark sheet-door" href="{{ $link("add ecosystem {$kind->value}") }}"><span>{{ $kind->words() }}</span>
            <strong>wanted from, not noted</strong></a>
        @endforeach
    </div>
</section>
@foreach ([true => 'On the way: what is there', false => 'On the way: what is weighed'] as $isOwned => $title)
@php($rows = array_filter($bridging->boxes, fn ($one) => $one->is_owned === (bool) $isOwned))
@if ($rows !== [] || $isOwned)
<section class="reach">
    <h2>{{ $title }}</h2>
    <div class="reach-doors">
        @foreach ($rows as $one)
        @php($sheet = $one->sheet->box())
        <a class="door {{ $isOwned ? 'is-wire' : 'is-hub' }} sheet-door" href="{{ $link("box {$one->key}") }}"
            @if ($at === "box {$one->key}") aria-current="true" @endif>
            <span>{{ $one->name }}</span>
            <strong>{{ implode(', ', array_map(fn ($offer) => FormWords::of($offer->as), $sheet->offers)) }}</strong>
            <small>{{ implode(', ', array_filter([
                $one->firmware === null ? null : "firmware {$one->firmware}",
                $isOwned ? null : number_format($sheet->cost).' now, '.number_format($sheet->yearlyCost).' a year',
                $used[$one->key] ?? null,
                $sheet->support->value === 'maintained' ? null : $sheet->support->words(),
            ])) }}</small></a>
        @endforeach
        @if ($isOwned)
        @foreach ($bridging->bareHubs() as $hub)
        <a class="door is-dark sheet-door" href="{{ $link("add box {$hub}") }}"><span>{{ $bridging->hubName($hub) }}</span>
            <strong>say what it passes on</strong></a>
        @endforeach
        @endif
    </div>
</section>
@endif
@endforeach
</div>
</div>
