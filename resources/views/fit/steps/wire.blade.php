@php($sheetOf = $slot->worksheet())
@php($remarks = $sheetOf->remarks())
@php($wires = $sheetOf->wires)
@php($open = array_column($remarks, 'wire'))
@php($wire = collect($wires)->firstWhere('name', $at) ?? collect($wires)->first(fn ($one) => in_array($one->name, $open, true)))
<p class="note done" role="status">Proved dead at {{ $box->proved->at->format('H:i') }} by {{ $box->opened->by }}, every pair 0 V.</p>
@if ($slot->fit->picture === null)
<p>A photograph of the box as it was found comes before the first terminal is loosened.</p>
<x-form :action="route('jobs.slots.found-picture.store', [$job, $key])" enctype="multipart/form-data" hx-encoding="multipart/form-data"
    class="holds-thumb">
    <label class="field"><span>The box as it was found</span><input type="file" name="picture" accept="image/*" capture="environment"
        required></label>
    <div class="thumb"><button class="big" id="big" data-move="picture-{{ $key }}" data-key="n">Keep the photograph</button></div>
</x-form>
@elseif ($wire !== null && $remarks !== [])
@include('fit.wire-form')
@else
<ol class="rows">
    @foreach ($wires as $one)
    <li><a href="{{ $bench->url(['at' => $one->name, 'next' => $key]) }}"><span class="wire-end is-{{ Str::before($one->name, ' ') }}"
        aria-hidden="true"></span><span>{{ Str::ucfirst($one->name) }}</span><span class="end">{{
        Kavvel\Core\Fit\Wire::placeWords((string) $one->goesTo) }}</span></a></li>
    @endforeach
</ol>
<p class="note">Pull each conductor to see that it holds. Fold, do not force. {{ $slot->card->profile->caution }}</p>
<x-form :action="$act()" class="holds-thumb">
    <input type="hidden" name="act" value="fit"><input type="hidden" name="slot" value="{{ $key }}">
    <div class="thumb"><button class="big" id="big" data-move="fit-{{ $key }}" data-key="n">It is in, and the box is shut</button></div>
</x-form>
@endif
@if ($remarks !== [] && $slot->fit->picture !== null)
<div><h3>Still open</h3>
<ul class="rows">
    @foreach (collect($remarks)->where('wire', '!==', $wire?->name ?? '')->unique(fn ($one) => $one->wire ?? $one->words) as $one)
    <li>@if ($one->wire === null)<span>{{ $one->words }}</span>@else<a
        href="{{ $bench->url(['at' => $one->wire, 'next' => $key]) }}"><span>{{ $one->words }}</span></a>@endif</li>
    @endforeach
</ul></div>
@endif
