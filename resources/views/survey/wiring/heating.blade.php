@php($geometry = $sheet->geometry)
@php($name = fn (string $key): string => $geometry->roomTitle($geometry->rooms[array_column($geometry->rooms, 'id', 'key')[$key]]))
@php($unheated = array_filter($geometry->rooms, fn ($one) => $one['kind'] !== 'yard' && ! $heatings->has($one['key'])))
<div class="wants">
<div class="wants-scroll" id="heating-scroll" data-keeps-scroll tabindex="0" role="group" aria-label="Heating zones">
<div class="zones">
@foreach ($zones as $number => $zone)
<section class="reach">
    <h2>Zone {{ $number + 1 }} <span class="quiet">{{ $zone->loops() === 0 ? '' : ($zone->loops() === 1 ? 'one actuator'
        : $zone->loops().' actuators') }}</span></h2>
    <div class="reach-doors">
        @foreach ($zone->rooms as $one)
        <a class="door is-direct" href="{{ $bench->url(['lens' => 'heating', 'at' => $one->room]) }}"
            @if ($one->room === ($room['key'] ?? null)) aria-current="true" @endif><span>{{ $name($one->room) }}</span><strong>{{
            mb_strtolower($one->kind->words()) }}{{ $one->kind->value === 'electric' ? ', '.round($one->watts).' W' : ", {$one->loops}"
            }}</strong></a>
        @endforeach
    </div>
    <p class="quiet">{{ $zone->isRemoteSensor ? 'Remote sensor' : 'Thermostat' }} 1.5 m up{{ count($zone->rooms) > 1
        ? ', in the '.mb_strtolower($name($zone->thermostatRoom)) : '' }}{{ $zone->wall === '' ? '' : ", on the {$zone->wall}" }}</p>
</section>
@endforeach
</div>
@if ($unheated !== [])
<section class="reach">
    <h2>Not heated, or not noted</h2>
    <div class="reach-doors">
        @foreach ($unheated as $one)
        <a class="door" href="{{ $bench->url(['lens' => 'heating', 'at' => $one['key']]) }}"
            @if ($one['key'] === ($room['key'] ?? null)) aria-current="true" @endif><span>{{ $geometry->roomTitle($one) }}</span></a>
        @endforeach
    </div>
</section>
@endif
</div>
</div>
