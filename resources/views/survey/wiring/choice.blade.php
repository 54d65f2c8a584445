@use('App\Stations\Survey\Wiring\Choosing')
@use('Kavvel\Core\Circuits\ChoiceKind')
@php($place = $circuit->switchPlace())
@php($choice = Choosing::reckon($job, $circuit))
@php($best = $choice->best())
@php($chosen = ChoiceKind::tryFrom($circuit->choice['kind'] ?? ''))
@php($isLooked = $circuit->choice !== null)
<div>
    <h3>Switch, lamps or plugs</h3>
    @if ($chosen !== null)
    <p class="note done"><strong>Chosen:</strong> {{ $chosen->words() }}, {{ number_format($circuit->choice['cost']) }}, on
        {{ Illuminate\Support\Carbon::parse($circuit->choice['on'])->format('j F') }}.</p>
    @endif
    @if ($core->lampCount() === 0)
    <p class="quiet">Note its lamps first.</p>
    @else
    @include('survey.wiring.break-even')
    <ul class="rows suggestions">
        @foreach ($choice->options() as $option)
        <li><div class="suggestion"><strong>{{ $option->kind->words() }}</strong><span
            class="end measure">{{ $option->ruledOut === [] ? number_format($option->cost) : '–' }}</span></div>
            @foreach ($option->ruledOut as $why)
            <p class="note danger">{{ $why }}</p>
            @endforeach
            @foreach ($option->ruledOut === [] ? $option->cautions : [] as $caution)
            <p class="quiet">{{ $caution }}</p>
            @endforeach
            @if ($mayWork && $option->ruledOut === [] && $option->kind !== $chosen)
            <x-form :action="route('jobs.circuits.choice.update', [$job, $circuit->key])" method="put">
                <input type="hidden" name="choice" value="{{ $option->kind->value }}"><input type="hidden" name="lock_version"
                    value="{{ $circuit->lock_version }}">
                <button class="btn @if ($option->kind !== $best?->kind) plain @endif"
                    aria-label="Choose: {{ $option->kind->words() }}">Choose it</button>
            </x-form>
            @endif
        </li>
        @endforeach
    </ul>
    @endif
</div>
@if ($mayWork)
<details id="facts" @if (! $isLooked && $core->lampCount() > 0) open @endif><summary>What is there</summary>
<x-form :action="route('jobs.circuits.choice.update', [$job, $circuit->key])" method="put">
    <input type="hidden" name="lock_version" value="{{ $circuit->lock_version }}">
    <div class="two">
        <label class="field"><span>Lamps on plugs</span><input name="plugged" inputmode="numeric" maxlength="3"
            value="{{ $place->plugged }}" required></label>
        <label class="field"><span>Switched from, places</span><input name="places" inputmode="numeric" maxlength="1"
            value="{{ $place->places }}" required></label>
    </div>
    <div class="two">
        <label class="field"><span>Neutral in the box</span><select name="neutral">
            <option value="unknown">not known</option>
            <option value="yes" @selected($place->hasNeutral === true)>yes, its own</option>
            <option value="no" @selected($place->hasNeutral === false)>no</option>
        </select></label>
        <label class="field"><span>Cables in it</span><input name="cables" inputmode="numeric" maxlength="2" value="{{ $place->cables }}"
            required></label>
    </div>
    <div class="two">
        <label class="field"><span>Box depth, mm</span><input name="box_depth" inputmode="decimal" maxlength="5"
            value="{{ $place->boxDepthMm }}"></label>
        <label class="field"><span>Device depth, mm</span><input name="device_depth" inputmode="decimal" maxlength="5"
            value="{{ $place->deviceDepthMm }}" required></label>
    </div>
    @foreach ([
        'needs_neutral' => ['The device needs a neutral', $place->needsNeutral], 'wants_dim' => ['Dimming is wanted', $place->wantsDim],
        'is_dimmed' => ['It is dimmed already', $place->isDimmed],
    ] as $name => [$label, $is])
    <input type="hidden" name="{{ $name }}" value="0">
    <label class="tick"><input type="checkbox" name="{{ $name }}" value="1" @checked($is)> {{ $label }}</label>
    @endforeach
    <button class="btn mt-2">Reckon with that</button>
</x-form></details>
@include('survey.wiring.prices', ['shown' => [
    'labour_per_hour' => 'Labour, an hour', 'switch' => 'Switch or dimmer', 'switch_minutes' => '… minutes', 'accessory' => 'Accessory',
    'accessory_minutes' => '… minutes', 'lamp' => 'Connected lamp', 'lamp_minutes' => '… minutes', 'plug' => 'Plug',
    'plug_minutes' => '… minutes',
], 'lens' => 'circuits', 'at' => $circuit->key])
@endif
