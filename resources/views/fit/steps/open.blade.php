@php($wires = $slot->fit->wireList())
@if ($wires !== [])
<ul class="rows">
    @foreach ($wires as $one)
    <li><span class="wire-end is-{{ Str::before($one->name, ' ') }}" aria-hidden="true"></span><span>{{ Str::ucfirst($one->name) }}</span>
        <x-form :action="route('jobs.slots.wires.destroy', [$job, $key])" method="delete" class="end">
            <input type="hidden" name="name" value="{{ $one->name }}">
            <button class="btn small plain" aria-label="Not there: {{ $one->name }}">×</button>
        </x-form></li>
    @endforeach
</ul>
@endif
<div>
    <p class="quiet">Touch the colour of each one that you see.</p>
    <div class="colours">
        @foreach (App\Http\Requests\Fit\WireRequest::COLOURS as $colour)
        <x-form :action="route('jobs.slots.wires.store', [$job, $key])">
            <input type="hidden" name="colour" value="{{ $colour }}">
            <button class="btn plain !justify-start !text-left"><span class="wire-end is-{{ $colour }}" aria-hidden="true"></span>{{
                Str::ucfirst($colour) }}</button>
        </x-form>
        @endforeach
    </div>
</div>
@if ($wires === [])
<div class="thumb"><button class="big" id="big" data-move="open-none" type="button" aria-disabled="true">No conductor is noted
    yet</button></div>
@else
<x-form :action="$act()" class="holds-thumb">
    <input type="hidden" name="act" value="open"><input type="hidden" name="slot" value="{{ $key }}">
    <div class="thumb"><button class="big" id="big" data-move="open-{{ $key }}" data-key="n">These are all, and earth</button></div>
</x-form>
@endif
