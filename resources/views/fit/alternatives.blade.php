@if ($card->alternatives === [])
<p class="quiet">Nothing else of the catalogue goes into this box as it is.</p>
<div class="thumb"><a class="big" id="big" data-move="plan-{{ $key }}" data-key="n"
    href="{{ $bench->url(['slot' => $key, 'lens' => 'plan']) }}">Change the plan here</a></div>
@else
@foreach (array_slice($card->alternatives, 0, 4) as $one)
@php($instead = $one->profile)
<x-form :action="route('jobs.slots.other-device.update', [$job, $key])" method="put" class="holds-thumb">
    <input type="hidden" name="profile" value="{{ $instead->key }}">
    <input type="hidden" name="lock_version" value="{{ $slot->card->slot->lock_version }}">
    @if ($loop->first)
    <div class="thumb"><button class="big" id="big" data-move="instead-{{ $key }}" data-key="n">Take the {{ Str::lcfirst($instead->name) }}
        instead</button></div>
    @else
    <button class="btn">@chip($instead->protocol) {{ $instead->name }}</button>
    @endif
</x-form>
<p class="quiet">{{ $instead->protocol->title() }}, {{ $instead->model }}, {{ $instead->can('level') ? 'dims' : 'switches only' }}.
    @foreach ($one->fit->findings as $finding) It needs this: {{ Str::lcfirst($finding->change) }} @endforeach</p>
@endforeach
@endif
