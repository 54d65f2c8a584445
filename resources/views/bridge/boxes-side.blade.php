@use('App\Stations\Bridge\LinksOf')
@php($mayWork = $bench->mayWork())
@php($back = $bench->url(['at' => null]))
@if ($at !== null && ($ecosystem !== null || $box !== null || $adding !== null))
<a class="btn plain !justify-start" href="{{ $back }}" data-key="n">← All boxes and ecosystems</a>
@endif
@if ($adding !== null && $mayWork)
<div>
    <p class="over"><span>{{ $adding->value === 'ecosystem' ? 'From where it is used' : 'On the way' }}</span><span></span></p>
    <h2>{{ $adding->value === 'ecosystem' ? 'Note an ecosystem' : 'Note a box' }}</h2>
    <p class="why">{{ $adding->value === 'ecosystem'
        ? 'Ask for its make and look up its release: what it knows is decided by its firmware, not by its name.'
        : 'What is there already, and what could be bought: each is weighed by what it lets through.' }}</p>
</div>
<x-form :action="route($adding->value === 'ecosystem' ? 'jobs.ecosystems.store' : 'jobs.bridge-boxes.store', $job)">
    @include("bridge.{$adding->value}-fields", ['one' => null])
    <div class="thumb"><button class="big" id="big" data-move="add-{{ $adding->value }}">Note it</button></div>
</x-form>
@elseif ($ecosystem !== null)
@php($sheet = $ecosystem->sheet->ecosystem())
<div>
    <p class="over"><span>{{ $sheet->kind->words() }}</span><span>{{ $sheet->name }}</span></p>
    <h2>{{ $ecosystem->name }}</h2>
    @if ($ecosystem->note !== '')<p class="why">{{ $ecosystem->note }}</p>@endif
</div>
@if ($sheet->caution !== '')<p class="note">{{ $sheet->caution }}</p>@endif
@include('bridge.ecosystem-facts', ['one' => $ecosystem])
@include('bridge.openings', ['of' => $ecosystem->name])
@include('bridge.place-link', ['one' => $ecosystem, 'routes' => 'ecosystems'])
@if ($mayWork)
@php($isAsked = $sheet->account !== '' && $ecosystem->account_of === null)
<details id="edit-ecosystem" @if ($errors->any() || $isAsked) open @endif><summary>Change it</summary>
<x-form :action="route('jobs.ecosystems.update', [$job, $ecosystem->key])" method="put">
    <input type="hidden" name="lock_version" value="{{ $ecosystem->lock_version }}">
    @include('bridge.ecosystem-fields', ['one' => $ecosystem])
    <button class="btn">Save it</button>
</x-form>
</details>
<x-form :action="route('jobs.ecosystems.destroy', [$job, $ecosystem->key])" method="delete">
    @php($devices = LinksOf::devices($ecosystem))
    @if ($devices > 0)
    <p class="note danger mb-2">{{ $devices === 1 ? 'One device shows' : "{$devices} devices show" }} there: what uses them there breaks.
        Its links, and what is open for them, go with it.</p>
    @endif
    <input type="hidden" name="seen" value="{{ $devices }}">
    <button class="btn plain">{{ $devices === 0 ? 'The client does not have it' : 'Take it off all the same' }}</button>
</x-form>
@endif
@elseif ($box !== null)
@php($sheet = $box->sheet->box())
<div>
    <p class="over"><span>{{ $box->is_owned ? 'There' : 'To be weighed' }}</span><span>{{ $sheet->name }}</span></p>
    <h2>{{ $box->name }}</h2>
    @if ($box->note !== '')<p class="why">{{ $box->note }}</p>@endif
</div>
@if ($sheet->caution !== '')<p class="note">{{ $sheet->caution }}</p>@endif
@if ($sheet->support->value !== 'maintained')<p class="note danger">{{ Str::ucfirst($sheet->support->words()) }}.</p>@endif
@include('bridge.box-facts', ['one' => $box])
@include('bridge.openings', ['of' => $box->name])
@include('bridge.place-link', ['one' => $box, 'routes' => 'bridge-boxes'])
@if ($mayWork)
@if (! $box->is_owned)
<x-form :action="route('jobs.bridge-boxes.arrival.store', [$job, $box->key])"><button class="btn">It is there now</button></x-form>
@endif
<details id="edit-box" @if ($errors->any()) open @endif><summary>Change it</summary>
<x-form :action="route('jobs.bridge-boxes.update', [$job, $box->key])" method="put">
    <input type="hidden" name="lock_version" value="{{ $box->lock_version }}">
    @include('bridge.box-fields', ['one' => $box])
    <button class="btn">Save it</button>
</x-form>
</details>
<x-form :action="route('jobs.bridge-boxes.destroy', [$job, $box->key])" method="delete">
    @php($devices = LinksOf::devices($box))
    @if ($devices > 0)
    <p class="note danger mb-2">{{ $devices === 1 ? 'One device goes' : "{$devices} devices go" }} over it.
        Its links are old paths then: they are taken out one after the other.</p>
    @endif
    <input type="hidden" name="seen" value="{{ $devices }}">
    <button class="btn plain">{{ match (true) {
        $devices > 0 => 'Take it off all the same',
        $box->is_owned => 'It is not there',
        default => 'Nobody considers it',
    } }}</button>
</x-form>
@endif
@else
<div>
    <p class="over"><span>Boxes and ecosystems</span><span>{{ count($bridging->boxes) + count($bridging->ecosystems) }} noted</span></p>
    <h2>{{ $bridging->ecosystems === [] ? 'Ask what the client uses' : 'What is on the way' }}</h2>
    <p class="why">A path leads from a device over boxes into an ecosystem. Firmware decides what each lets through: ask, and write it
        down.</p>
</div>
@if ($mayWork)
<a class="btn" href="{{ $bench->url(['at' => 'add ecosystem']) }}">Note an ecosystem</a>
<a class="btn" href="{{ $bench->url(['at' => 'add box']) }}">Note a box</a>
@endif
<p class="quiet">What a kind of box or ecosystem can do stands in the catalogue: <a href="{{ route('catalogue.index') }}">see it</a>.</p>
@endif
