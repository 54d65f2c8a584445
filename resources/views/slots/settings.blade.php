@php($settings = $card->profile->settings)
@if ($settings !== [])
@php($isToSet = $open->settings->contains(fn ($one) => $one->planned !== null && $one->actual === null))
<details id="settings" @if ($bench->station === 'fit' || $isToSet && $card->isIn()) open @endif><summary>Settings</summary>
@foreach ($settings as $setting)
@php($kept = $open->settings->firstWhere('name', $setting->name))
@php($differs = $kept?->planned !== null && $kept->actual !== null && $kept->planned !== $kept->actual)
<div class="setting">
    <h3>{{ $setting->words }} <span class="quiet">{{ $setting->limits() }}</span></h3>
    @if ($differs)
    <p class="note">Planned {{ $kept->planned }}, set {{ $kept->actual }}: which is right?</p>
    @endif
    @foreach (['planned' => 'Planned', 'actual' => 'Set'] as $kind => $label)
    <x-form :action="route('jobs.slots.settings.update', [$job, $slot])" method="put" class="setting-row">
        <input type="hidden" name="station" value="{{ $bench->station }}">
        <input type="hidden" name="setting" value="{{ $setting->name }}"><input type="hidden" name="kind" value="{{ $kind }}">
        <label class="field"><span>{{ $label }}{{ $setting->unit === '' ? '' : ", {$setting->unit}" }}</span>
            @if ($setting->choices !== [])
            <select name="value" @disabled(! $mayWork)><option value="">–</option>
                @foreach ($setting->choices as $choice)
                <option @selected($kept?->$kind === $choice)>{{ $choice }}</option>
                @endforeach
            </select>
            @else
            <input name="value" maxlength="60" @if ($setting->isNumber) inputmode="decimal" @endif value="{{ $kept?->$kind }}"
                @if ($kind === 'planned' && $setting->usual !== null) placeholder="{{ $setting->usual }}" @endif @disabled(! $mayWork)>
            @endif
        </label>
        @if ($mayWork)
        <button class="btn small" aria-label="{{ $label }}: {{ $setting->words }}">Keep</button>
        @endif
    </x-form>
    @endforeach
</div>
@endforeach
</details>
@endif
