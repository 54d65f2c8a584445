@use('Kavvel\Core\Proving\Measured')
@php($measures = array_filter(Measured::cases(), fn ($one) => $card->profile->can($one->value)))
@if ($mayWork && $card->isIn() && $measures !== [])
<details id="reference"><summary>Beside a reference</summary>
    <p class="quiet">Lay both side by side in the air, not on a surface, until they have settled.</p>
    @foreach ($measures as $measured)
    <x-form :action="route('jobs.slots.references.store', [$job, $slot])" class="reference">
        <input type="hidden" name="station" value="{{ $bench->station }}">
        <input type="hidden" name="measured" value="{{ $measured->value }}">
        <h3>{{ Str::ucfirst($measured->value) }}, {{ $measured->unit() }}</h3>
        <label class="field"><span>It says</span><input name="said" inputmode="decimal" required
            value="{{ $card->node->said === $measured->value ? $card->node->said_value : '' }}"></label>
        <label class="field"><span>The reference says</span><input name="reference" inputmode="decimal" required></label>
        <label class="field whole"><span>The reference, and how far to trust it</span>
            <input name="by" maxlength="120" placeholder="probe thermometer, ± 0.2"></label>
        <label class="check whole"><input type="checkbox" name="settled" value="1"> Both have changed by less than
            {{ $measured->settledBelow() }} {{ $measured->unit() }} in five minutes</label>
        <button class="btn small whole">Compare</button>
    </x-form>
    @endforeach
</details>
@endif
