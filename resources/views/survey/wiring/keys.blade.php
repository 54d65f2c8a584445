@use('Kavvel\Core\Circuits\KeyEffect')
@use('Kavvel\Core\Circuits\Press')
@use('Kavvel\Core\Circuits\Way')
@php($uses = $wiring->usesOf($control->key))
@php($isSwitch = str_starts_with($control->key, 'point '))
@if ($uses === [])
<p class="quiet">No key of it does anything yet.</p>
@endif
<ul class="rows">
    @foreach ($uses as $use)
    <li><span class="heard-number">{{ $use->number }}</span><span>{{ Str::ucfirst($use->press->words()) }}: {{ $use->circuit->label }}{{
        $use->room === '' ? '' : ', '.$wiring->roomName($use->room) }}, {{ $use->effect->words() }}<br>
        <span class="quiet">{{ $use->way->words() }}{{ match (true) {
            $use->way->worksWithoutNetwork() => ', whatever is off',
            $use->way->worksWithoutHub() => ', without the hub',
            default => ', while the hub is there',
        } }}</span></span>
        @if ($mayWork)
        <x-form :action="route('jobs.key-uses.destroy', [$job, $use->id])" method="delete" class="end">
            <button class="btn small plain" aria-label="Take key {{ $use->number }} off {{ $use->circuit->label }}">×</button>
        </x-form>
        @endif
    </li>
    @endforeach
</ul>
@if ($mayWork && $wiring->circuits !== [])
<x-form :action="route('jobs.key-uses.store', $job)">
    <input type="hidden" name="control" value="{{ $control->key }}">
    <div class="two">
        <label class="field"><span>Key</span><input name="number" inputmode="numeric" maxlength="2"
            value="{{ min(12, 1 + max([0, ...array_map(fn ($use) => $use->number, $uses)])) }}" required></label>
        <label class="field"><span>Pressed</span><select name="press">
            @foreach (Press::cases() as $press)
            <option value="{{ $press->value }}">{{ $press->words() }}</option>
            @endforeach
        </select></label>
    </div>
    @php($usual = $wiring->lighting($control->room))
    <label class="field"><span>Circuit</span><select name="circuit">
        @foreach ($wiring->circuits as $one)
        <option value="{{ $one->key }}" @selected($one->key === $usual?->key)>{{ $one->label }}</option>
        @endforeach
    </select></label>
    <label class="field"><span>Light of</span><select name="room">
        <option value="">all of the circuit</option>
        @foreach (array_unique(array_merge([], ...array_map(fn ($one) => $one->rooms, $wiring->circuits))) as $room)
        <option value="{{ $room }}" @selected($usual !== null && $room === $control->room)>{{
            Str::ucfirst($wiring->roomName($room)) }}</option>
        @endforeach
    </select></label>
    <div class="two">
        <label class="field"><span>Does</span><select name="effect">
            @foreach (KeyEffect::cases() as $effect)
            <option value="{{ $effect->value }}">{{ $effect->words() }}</option>
            @endforeach
        </select></label>
        <label class="field"><span>Gets there</span><select name="way">
            @foreach ($isSwitch ? Way::cases() : [Way::Hub, Way::Direct] as $way)
            <option value="{{ $way->value }}">{{ $way->words() }}</option>
            @endforeach
        </select></label>
    </div>
    <button class="btn">Write it down</button>
</x-form>
@endif
