@use('Kavvel\Core\Catalogue\LoadKind')
@use('Kavvel\Core\Circuits\Dimmable')
@php($load = $slot->loads[0] ?? null)
<details id="loads"><summary>It switches {{ $slot->loads === [] ? 'nothing that is noted'
    : implode('; ', array_map(fn ($one) => $one->words(), $slot->loads)) }}</summary>
<p class="quiet">{{ $slot->fit->loads === null ? 'As the register says of its circuit.' : 'As it was said here.' }}</p>
<x-form :action="route('jobs.slots.switched-load.update', [$job, $key])" method="put">
    <label class="field"><span>What hangs on it</span><select name="load_kind">
        @foreach (LoadKind::cases() as $one)
        <option value="{{ $one->value }}" @selected($load?->kind === $one)>{{ Str::ucfirst($one->words()) }}</option>
        @endforeach
    </select></label>
    <div class="two">
        <label class="field"><span>How many</span><input name="load_count" inputmode="numeric" maxlength="3" required
            value="{{ $load->count ?? 1 }}"></label>
        <label class="field"><span>Watts each</span><input name="load_watts" inputmode="decimal" maxlength="6" required
            value="{{ $load?->watts }}"></label>
    </div>
    <label class="field"><span>As their box says</span><select name="dimmable">
        @foreach (Dimmable::cases() as $one)
        <option value="{{ $one->value }}" @selected($load?->dimmable === $one)>{{ Str::ucfirst($one->words()) }}</option>
        @endforeach
    </select></label>
    <input type="hidden" name="is_connected" value="0">
    <label class="tick"><input type="checkbox" name="is_connected" value="1"> They have a radio of their own</label>
    <button class="btn mt-2">It switches these</button>
</x-form>
@if ($slot->fit->loads !== null)
<x-form :action="route('jobs.slots.switched-load.destroy', [$job, $key])" method="delete" class="mt-2">
    <button class="btn plain">What the register says, after all</button>
</x-form>
@endif
</details>
