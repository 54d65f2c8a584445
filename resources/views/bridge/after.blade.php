@use('Kavvel\Core\Bridging\Form')
@use('Kavvel\Core\Bridging\FormWords')
@php($one = $after->ecosystem)
@php($excess = $after->excess)
@php($mayWork = $bench->mayWork())
@php($sheet = $one->sheet->ecosystem())
@if ($excess !== null)
@php([$twice, $strange] = [count($excess->twins), count($excess->strangers)])
@php($over = $excess->over ?? FormWords::of($excess->form))
@php($isSingle = $excess->goesSingly($sheet->removal))
<div>
    <p class="over"><span>{{ $one->name }}</span><span>{{ $twice + $strange }} too many</span></p>
    <h2>{{ implode(', ', array_filter([
        match ($twice) { 0 => '', 1 => 'One device shows there twice', default => "{$twice} devices show there twice" },
        match ($strange) { 0 => '', 1 => 'one should not show there', default => "{$strange} should not show there" },
    ])) }}</h2>
    <p class="why">{{ $excess->twins === [] ? "They came over {$over}, and no want leads there."
        : "The second came over {$over}. One device is to come by one path: else rules and phrases meet the wrong one." }}</p>
</div>
<ul class="rows">
    @foreach ($excess->twins as $twins)
    @foreach (array_filter($twins->others, fn ($other) => $other->over === $excess->over) as $other)
    <li class="twin"><span>Take out <strong>{{ $other->name }}</strong></span>
        <span class="end quiet">{{ $twins->keep === null ? 'none is to stay' : "keep {$twins->keep->name}" }}</span></li>
    @endforeach
    @endforeach
    @foreach ($excess->strangers as $stranger)
    <li><span>Take out <strong>{{ $stranger->name }}</strong></span></li>
    @endforeach
</ul>
<ol class="rows steps">
    <li><span class="n">1</span><span>Look what uses them in {{ $one->name }}: rooms, routines, groups. Point it to what
        stays.</span></li>
    <li><span class="n">2</span><span>{{ match (true) {
        $excess->over === null => "Delete them in {$one->name}: they came by themselves.",
        $isSingle => "Take them out of the list of what {$over} shows.",
        default => "Take them out of the list of what {$over} shows. Do not delete them in {$one->name}: that "
            .$sheet->removal->words().'.',
    } }}</span></li>
    <li><span class="n">3</span><span>Read once more what shows.</span></li>
</ol>
@else
@php($rooms = count(array_filter($after->cells, fn ($cell) => ! $cell->isRoomRight)))
@php($names = count(array_filter($after->cells, fn ($cell) => ! $cell->isNameRight)))
<div>
    <p class="over"><span>{{ $one->name }}</span><span>{{ $after->minutes() }} min by hand</span></p>
    <h2>{{ 'Set '.implode(' and ', array_filter([
        $names === 0 ? '' : $names.' '.Str::plural('name', $names),
        $rooms === 0 ? '' : $rooms.' '.Str::plural('room', $rooms),
    ])).' there' }}</h2>
    <p class="why">{{ $sheet->followsNames ? 'A later name follows there by itself, unless somebody has set one there.'
        : 'It keeps the names that it got: what is set now stays, and a later name is set by hand again.' }}</p>
</div>
<ul class="rows name-list">
    @foreach ($after->cells as $cell)
    @php($isName = ! $cell->isNameRight && $cell->meant->name !== null)
    <li><span><strong>{{ $cell->meant->name ?? $cell->shows }}</strong>@if ($isName)<br><span class="quiet">shows as {{
        $cell->shows === '' ? 'a code' : "“{$cell->shows}”" }}</span>@endif</span>
        @if (! $cell->isRoomRight)<span class="end">{{ $cell->meant->room }}</span>@endif</li>
    @endforeach
</ul>
@endif
@if ($one->read_refused !== null || $after->box?->read_refused !== null)
<p class="note danger" role="alert">{{ $one->read_refused ?? $after->box->read_refused }}</p>
@endif
@if ($after->isWaiting())
<p class="note" id="waits" role="status">{{ Str::ucfirst(($after->box?->isAsked() ? $after->box : $one)->name) }} is being asked…</p>
@elseif ($mayWork)
@if ($excess !== null && $after->box !== null)
<x-form :action="route('jobs.bridge-boxes.list.update', [$job, $after->box->key])" method="put">
    <input type="hidden" name="form" value="{{ $excess->form }}">
    <div class="thumb"><button class="big" id="big" data-move="list-{{ $after->box->key }}"
        data-key="n">Have {{ $after->box->name }} take them out</button></div>
</x-form>
<x-form :action="route('jobs.ecosystems.readings.store', [$job, $one->key])">
    <button class="btn w-full">Read what {{ $one->name }} shows</button></x-form>
@elseif ($excess !== null)
<x-form :action="route('jobs.ecosystems.readings.store', [$job, $one->key])">
    <div class="thumb"><button class="big" id="big" data-move="read-{{ $one->key }}"
        data-key="n">Read what {{ $one->name }} shows</button></div>
</x-form>
@elseif ($one->url !== null)
<x-form :action="route('jobs.ecosystems.names.update', [$job, $one->key])" method="put">
    <div class="thumb"><button class="big" id="big" data-move="names-{{ $one->key }}"
        data-key="n">Set them over the link</button></div>
</x-form>
<x-form :action="route('jobs.ecosystems.readings.store', [$job, $one->key])">
    <button class="btn w-full">They are set by hand: read them</button></x-form>
@else
<x-form :action="route('jobs.ecosystems.names.store', [$job, $one->key])">
    <input type="hidden" name="seen" value="{{ $after->mark() }}">
    <div class="thumb"><button class="big" id="big" data-move="set-{{ $one->key }}-{{ $after->mark() }}"
        data-key="n">They are set</button></div>
</x-form>
@endif
@endif
@if ($one->read_at !== null)
<p class="quiet">Read {{ $one->read_at->onSite()->format('j M, H:i') }}.</p>
@endif
@include('bridge.left-over')
