@php($mayWork = $bench->mayWork())
<div>
    <p class="over"><span>Rooms</span></p>
    <h2>{{ $target === null ? 'Put devices where they are' : "Where is the {$target->called}?" }}</h2>
    <x-tally :tally="$bench->tally()"/>
    <p class="why">{{ $target === null ? 'Drag one into its room, or touch it and choose the room. Its forecast follows.'
        : $target->where().'.' }}</p>
</div>
@if ($target !== null && $proposed !== null)
<div class="note"><p>It is called “{{ $proposed->from }}”. Where it is now the pattern calls it “{{ $proposed->to }}”.</p>
    @foreach ($proposed->refusals as $refusal)
    <p>{{ $refusal }}</p>
    @endforeach
</div>
@endif
@if ($mayWork)
<div class="thumb">
    @if ($target !== null && $proposed?->isGood() === true)
    <x-form :action="route('jobs.slots.name.update', [$job, $target->slot])" method="put">
        <input type="hidden" name="lock_version" value="{{ $target->slot->lock_version }}">
        <input type="hidden" name="name" value="{{ $proposed->to }}"><input type="hidden" name="from" value="rooms">
        <button class="big" id="big" data-move="rename-{{ $target->key() }}" data-key="n">Rename it</button>
    </x-form>
    @else
    <a class="big" id="big" data-move="rooms-done" data-key="n" href="{{ route('jobs.name', $job) }}">On to the names</a>
    @endif
</div>
@if ($target !== null)
<x-form :action="route('jobs.places.store', $job)" class="printed">
    <input type="hidden" name="slot" value="{{ $target->key() }}">
    <label class="field"><span>Its room</span><select name="room">
        @foreach ($bench->sheet->geometry->storeys as $storey)
        <optgroup label="{{ $storey['name'] }}">
            @foreach ($bench->sheet->geometry->roomsOn($storey['key']) as $room)
            <option value="{{ $room['key'] }}" @selected($room['id'] === $target->roomId)>{{ $room['name'] }}</option>
            @endforeach
        </optgroup>
        @endforeach
    </select></label>
    <button class="btn small">Put it there</button>
</x-form>
<p class="quiet">Or drag it on the plan; with keys, arrows move it by 10 cm, with Shift by a metre.</p>
@endif
@if ($last !== null)
<div>
    <h3>Changed last on the plan</h3>
    <p class="quiet">{{ $last->by }} {{ $last->words }}, {{ $last->made_at->onSite()->isoFormat('D MMM, HH:mm') }}.</p>
    <x-form :action="route('jobs.places.destroy', [$job, $last->id])" method="delete">
        <button class="btn">Take it back</button>
    </x-form>
</div>
@endif
@endif
