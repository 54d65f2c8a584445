@use('Kavvel\Core\Fit\NeutralFound')
@php($box = $slot->fit->foundBox())
<input type="hidden" name="lock_version" value="{{ $slot->fit->lock_version ?? 0 }}">
<div class="two">
    <label class="field"><span>Depth, mm</span><input name="depth_mm" inputmode="decimal" maxlength="5" required
        value="{{ $box?->depthMm }}"></label>
    <label class="field"><span>Cables into it</span><input name="cables" inputmode="numeric" maxlength="2" required
        value="{{ $box?->cables }}"></label>
</div>
<fieldset class="field"><legend class="quiet mb-1">Neutral in the box</legend>
    @foreach (NeutralFound::cases() as $one)
    <label class="tick"><input type="radio" name="neutral" value="{{ $one->value }}" required @checked($box?->neutral === $one)>
        {{ Str::ucfirst($one->words()) }}</label>
    @endforeach
</fieldset>
<div class="two">
    <label class="field"><span>Such devices side by side</span><input name="ganged" inputmode="numeric" maxlength="2" required
        value="{{ $box->ganged ?? 1 }}"></label>
    <label class="field"><span>Spacer on it, mm</span><input name="spacer_mm" inputmode="decimal" maxlength="5"
        value="{{ $box->spacerMm ?? 0 }}"></label>
</div>
@foreach ([
    'is_metal' => ['It is metal', $box?->isMetal], 'has_bypass' => ['A bypass is at the lamp', $box?->hasBypass],
    'has_barrier' => ['A barrier parts mains and extra-low voltage', $box?->hasBarrier],
] as $name => [$label, $is])
<input type="hidden" name="{{ $name }}" value="0">
<label class="tick"><input type="checkbox" name="{{ $name }}" value="1" @checked($is)> {{ $label }}</label>
@endforeach
