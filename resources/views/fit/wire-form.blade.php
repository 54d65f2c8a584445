@use('Kavvel\Core\Catalogue\WireRole')
@use('Kavvel\Core\Fit\Evidence')
@use('Kavvel\Core\Fit\Wire')
<h3 class="flex gap-3 items-center"><span class="wire-end is-{{ Str::before($wire->name, ' ') }}" aria-hidden="true"></span>{{
    Str::ucfirst($wire->name) }}</h3>
@foreach ($wire->role === null ? [] : array_filter($remarks, fn ($one) => $one->wire === $wire->name) as $one)
<p class="note">{{ $one->words }}</p>
@endforeach
<x-form :action="route('jobs.slots.wires.update', [$job, $key])" method="put" class="holds-thumb">
    <input type="hidden" name="name" value="{{ $wire->name }}">
    <label class="field"><span>Was at</span><input name="was_at" maxlength="60" value="{{ $wire->wasAt }}" required></label>
    <label class="field"><span>It is</span><select name="role" required><option value=""></option>
        @foreach (WireRole::cases() as $one)
        <option value="{{ $one->value }}" @selected($wire->role === $one)>{{ Str::ucfirst($one->words()) }}</option>
        @endforeach
    </select></label>
    <label class="field"><span>Known by</span><select name="evidence" required><option value=""></option>
        @foreach (Evidence::cases() as $one)
        <option value="{{ $one->value }}" @selected($wire->evidence === $one)>{{ Str::ucfirst($one->words()) }}</option>
        @endforeach
    </select></label>
    <label class="field"><span>Goes</span><select name="goes_to" required><option value=""></option>
        @foreach ($slot->sheet()->terminals as $one)
        <option value="{{ $one->mark }}" @selected($wire->goesTo === $one->mark)>To {{ $one->mark }}, {{ $one->takes->words() }}</option>
        @endforeach
        @foreach (Wire::PLACES as $one)
        <option value="{{ $one }}" @selected($wire->goesTo === $one)>{{ Str::ucfirst(Wire::placeWords($one)) }}</option>
        @endforeach
    </select></label>
    <input type="hidden" name="is_far_end_safe" value="0">
    <label class="tick"><input type="checkbox" name="is_far_end_safe" value="1" @checked($wire->isFarEndSafe)> Where it is capped: its other
        end is safe too</label>
    <div class="thumb"><button class="big" id="big" data-move="wire-{{ $wire->name }}" data-key="n">Settle it</button></div>
</x-form>
