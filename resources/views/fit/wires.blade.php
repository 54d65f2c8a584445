@use('App\Stations\Fit\WireDrawing')
@use('Kavvel\Core\Fit\Wire')
@php($slot = $card->slot)
@php($drawing = WireDrawing::of($slot->fit->wireList(), $slot->sheet()))
<div id="fit-wires" data-keeps-scroll tabindex="0" role="group" aria-label="Conductors" class="fit-middle">
@if ($drawing->wires === [])
<p class="quiet">No conductor is noted in the box of the {{ $slot->card->called }} yet. It has the terminals {{ implode(', ', array_map(
    fn ($one) => "{$one->mark} ({$one->takes->words()})", $slot->sheet()->terminals)) }}.</p>
@else
<div class="drawn" tabindex="0" role="group" aria-label="Drawing">
<svg class="wires" viewBox="0 0 900 {{ $drawing->height }}" role="img"
    aria-label="Conductors of the {{ $slot->card->called }} and where they go">
    <rect class="w-device" x="640" y="8" width="240" height="{{ 64 * count($slot->sheet()->terminals) }}" rx="6"/>
    @foreach ($drawing->ends as $end)
    @if ($end['isPlace'])
    <rect class="w-place" x="648" y="{{ $end['y'] - 22 }}" width="224" height="44" rx="6"/>
    <text class="s-text" x="676" y="{{ $end['y'] + 5 }}">{{ Str::ucfirst($end['mark']) }}</text>
    @else
    <circle class="w-terminal {{ $end['isUsed'] ? 'is-used' : '' }}" cx="664" cy="{{ $end['y'] }}" r="11"/>
    <text class="s-text is-big" x="690" y="{{ $end['y'] + 6 }}">{{ $end['mark'] }}</text>
    <text class="s-text is-small" x="724" y="{{ $end['y'] + 5 }}">{{ $end['words'] }}</text>
    @endif
    @endforeach
    @foreach ($drawing->links as $link)
    <path class="w-link" d="M872 {{ $link['from'] }}h12V{{ $link['to'] }}h-12"/>
    @endforeach
    @foreach ($drawing->wires as $row)
    @php($wire = $row['wire'])
    @php($colour = 'is-'.Str::before($wire->name, ' '))
    @php($end = $row['to'] ?? $row['y'])
    @php($path = $row['to'] === null ? "M290 {$row['y']}H400" : "M290 {$row['y']}C460 {$row['y']} 480 {$end} 652 {$end}")
    <path class="w-sheath" d="{{ $path }}"/><path class="w-wire {{ $colour }} {{ $row['to'] === null ? 'is-open' : '' }}" d="{{ $path }}"/>
    @if ($colour === 'is-green-yellow')<path class="w-stripe" d="{{ $path }}"/>@endif
    <text class="s-text is-big" x="20" y="{{ $row['y'] - 2 }}">{{ Str::ucfirst($wire->name) }}</text>
    <text class="s-text is-small" x="20" y="{{ $row['y'] + 18 }}">{{ $wire->role === null ? 'what is it?' : $wire->role->words() }}{{
        $wire->wasAt === '' ? '' : ", was at {$wire->wasAt}" }}</text>
    @endforeach
</svg>
</div>
@if ($slot->fit->picture !== null)
@php($picture = route('jobs.slots.found-picture.show', [$job, $slot->key(), 'at' => $slot->fit->picture_at?->getTimestamp()]))
<figure class="found">
    <img src="{{ $picture }}" alt="The box of the {{ $slot->card->called }} as it was found">
    <figcaption>As it was found, {{ $slot->fit->picture_at?->onSite()->format('j M, H:i') }}</figcaption>
</figure>
@endif
@endif
</div>
