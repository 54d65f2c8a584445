@use('App\Http\Requests\Survey\RoomHeatingRequest')
@use('Kavvel\Core\Heating\HeatKind')
@php($mayWork = $bench->mayWork())
@if ($room !== null)
<a class="btn plain !justify-start" href="{{ $bench->url(['lens' => 'heating', 'at' => null]) }}" data-key="n">← All zones</a>
<div>
    <p class="over"><span>Heating</span><span>{{ $heating === null ? 'not noted' : mb_strtolower($heating->kind->words()) }}</span></p>
    <h2>{{ $sheet->geometry->roomTitle($room) }}</h2>
</div>
@if ($mayWork)
<x-form :action="route('jobs.rooms.heating.update', [$job, $room['key']])" method="put">
    <label class="field"><span>Heated by</span><select name="heat">
        <option value="{{ RoomHeatingRequest::NONE }}">nothing</option>
        @foreach (HeatKind::cases() as $kind)
        <option value="{{ $kind->value }}" @selected($kind === $heating?->kind)>{{ $kind->words() }}</option>
        @endforeach
    </select></label>
    <div class="two">
        <label class="field"><span>Loops or radiators</span><input name="loops" inputmode="numeric" maxlength="2"
            value="{{ $heating->loops ?? 1 }}"></label>
        <label class="field"><span>Electric, W</span><input name="watts" inputmode="decimal" maxlength="6"
            value="{{ ($heating->watts ?? 0.0) > 0 ? $heating->watts : '' }}"></label>
    </div>
    <input type="hidden" name="hides_thermostat" value="0">
    <label class="tick"><input type="checkbox" name="hides_thermostat" value="1" @checked($heating?->hides_thermostat)>
        Nothing is to show on its walls</label>
    <div class="thumb"><button class="big" id="big" data-move="heating-{{ $room['key'] }}" data-key="n">Write it down</button></div>
</x-form>
@endif
@else
<div>
    <p class="over"><span>Heating zones</span><span>{{ count($zones) }}</span></p>
    @if ($zones === [])
        <h2>Say how each room is heated</h2>
        <p class="why">Touch a room. What has a door is a zone; what opens into another room is one with it.</p>
    @elseif ($water === 0)
        <h2>{{ count($zones) === 1 ? 'One zone' : count($zones).' zones' }}, no wiring centre</h2>
        <p class="why">All of it is electric.</p>
    @else
        <h2>Wiring centres: {{ implode(' and ', array_filter([
            $mix->large === 0 ? null : ($mix->large === 1 ? 'one' : $mix->large).' for eight',
            $mix->small === 0 ? null : ($mix->small === 1 ? 'one' : $mix->small).' for four',
        ])) }}</h2>
        <p class="why">{{ $water === 1 ? 'One zone' : "{$water} zones" }} on water: the cheapest mix that holds
            {{ $water === 1 ? 'it' : 'them' }}, {{ number_format($mix->cost) }}, {{ $mix->spare === 0 ? 'no output to spare'
            : ($mix->spare === 1 ? 'one output' : "{$mix->spare} outputs").' to spare' }}.</p>
    @endif
</div>
@if ($zones !== [])
<p class="note">Zones call for heat and no more: limit thermostats and safeties are never bypassed, the pump is interlocked, hot water keeps
    its hygiene; without radio each zone falls back to 7 °C and its own control. By a licensed person.</p>
@foreach (array_unique(array_merge(...array_map(fn ($zone) => $zone->cautions, $zones))) as $caution)
<p class="quiet">{{ $caution }}</p>
@endforeach
<ul class="rows">
    <li><span>Thermostats</span><span class="end measure">{{ count($zones) }}</span></li>
    <li><span>Actuators</span><span class="end measure">{{ array_sum(array_map(fn ($zone) => $zone->loops(), $zones)) }}</span></li>
</ul>
@endif
@if ($mayWork && $water > 0)
@include('survey.wiring.prices', ['shown' => ['centre_small' => 'Centre for four', 'centre_large' => 'Centre for eight'],
    'lens' => 'heating', 'at' => null])
@endif
@endif
