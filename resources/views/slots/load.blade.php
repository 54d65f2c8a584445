@use('Kavvel\Core\Wants\PlugLoad')
@if (PlugLoad::isAskedOf($card->profile))
@php($load = $slot->plugLoad())
@foreach ($load?->cautions($card->profile) ?? [] as $caution)
<p class="note">{{ $caution }}</p>
@endforeach
<details id="load" @if ($load === null && $bench->station === 'survey') open @endif>
    <summary>{{ $load === null ? 'What does it feed?'
        : "Feeds: {$load->what}".($load->watts === null ? '' : ', '.round($load->watts).' W') }}</summary>
    @if ($mayWork)
    <x-form :action="route('jobs.slots.load.update', [$job, $slot])" method="put">
        <input type="hidden" name="station" value="{{ $bench->station }}">
        <input type="hidden" name="lock_version" value="{{ $slot->lock_version }}">
        <label class="field"><span>What is plugged in</span><input name="load_what" maxlength="120" value="{{ $load?->what }}"
            required></label>
        <label class="field"><span>Watts, as its plate says</span><input name="load_watts" inputmode="decimal" maxlength="8"
            value="{{ $load?->watts }}"></label>
        @foreach (['load_stays_on' => ['It must stay on', $load?->staysOn], 'load_heats' => ['It heats or cooks', $load?->heats]] as $name
            => [$label, $is])
        <input type="hidden" name="{{ $name }}" value="0">
        <label class="tick"><input type="checkbox" name="{{ $name }}" value="1" @checked($is)> {{ $label }}</label>
        @endforeach
        <button class="btn mt-2">Write it down</button>
    </x-form>
    @endif
</details>
@endif
