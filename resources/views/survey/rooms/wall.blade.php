@use('Kavvel\Core\Floorplan\Construction')
@use('Kavvel\Core\Floorplan\OpeningKind')
@php($wall = $panel->wall())
@php($is = $panel->construction($wall))
<x-form :action="route('jobs.plan-edits.store', $job)" data-plan-edit>
    @include('survey.rooms.edit', ['edit' => 'change-wall'])
    <label class="field"><span>Made of</span><select name="construction">
        @foreach (Construction::cases() as $construction)
        <option value="{{ $construction->value }}" @selected($construction->value === $is)>{{ $construction->words() }}</option>
        @endforeach
        <option value="own" @selected($is === 'own')>Layers of its own</option>
    </select></label>
    <details id="own-layers" @if ($is === 'own') open @endif><summary>Its layers, in millimetres</summary>
        <label class="field"><span>From one face to the other</span>
            <input name="layers" value="{{ $panel->layers($wall) }}" maxlength="300" placeholder="plasterboard 12.5, brick 100"></label>
        <p class="quiet">{{ implode(', ', $panel->materials()) }}</p>
    </details>
    <label class="field"><span>Called</span><input name="label" value="{{ $wall->label }}" maxlength="120" required></label>
    <button class="btn">Save the wall</button>
</x-form>
<details id="move-wall"><summary>Move it by metres</summary>
<x-form :action="route('jobs.plan-edits.store', $job)" data-plan-edit>
    @include('survey.rooms.edit', ['edit' => 'move-wall'])
    <div class="two">
        <label class="field"><span>{{ $wall->line()->isLevel() ? 'Down' : 'Right' }}</span><input name="by" value="0" inputmode="decimal"
            required></label>
        <button class="btn self-end mb-2.5">Move</button>
    </div>
</x-form></details>
<div>
    <h3>Doors, windows, gaps</h3>
    @foreach ($wall->openings as $number => $opening)
    <details id="opening-{{ $number }}"><summary>{{ Str::ucfirst($opening->kind) }},
        {{ sprintf('%.2f m at %.2f m', $opening->width, $opening->offset) }}</summary>
        @include('survey.rooms.opening', [
            'number' => $number, 'opening' => $opening, 'kind' => OpeningKind::tryFrom($opening->kind), 'button' => 'Save it',
        ])
        <x-form :action="route('jobs.plan-edits.store', $job)" data-plan-edit>
            @include('survey.rooms.edit', ['edit' => 'remove-opening'])
            <input type="hidden" name="opening_number" value="{{ $number }}">
            <button class="btn plain">Close it up</button>
        </x-form>
    </details>
    @endforeach
    <details id="new-opening"><summary>Add one</summary>
        @include('survey.rooms.opening', [
            'number' => null, 'opening' => OpeningKind::Door->at(0.5, 0.9), 'kind' => OpeningKind::Door, 'button' => 'Put it in',
        ])
    </details>
</div>
