@use('Kavvel\Core\Floorplan\Construction')
@use('Kavvel\Core\Floorplan\FloorKind')
@use('Kavvel\Core\Floorplan\Edits\AddStorey')
@php($post = route('jobs.plan-edits.store', $job))
@php($walls = [
    'outer' => [Construction::of($on->outerLayers), 'Outer walls'],
    'inner' => [Construction::of($on->innerLayers), 'Walls between rooms'],
])
<details id="storey"><summary>This storey: {{ $on->height }} m,
    {{ mb_strtolower($walls['outer'][0]?->words() ?? 'walls of their own') }}</summary>
<x-form :action="$post" data-plan-edit>
    <input type="hidden" name="edit" value="change-storey"><input type="hidden" name="storey" value="{{ $on->key }}">
    <input type="hidden" name="on" value="{{ $on->key }}">
    <input type="hidden" name="seen" value="{{ App\Floorplan\Subject::mark($plan, 'storeys', $on->key) }}">
    <div class="two">
        <label class="field"><span>Name</span><input name="name" value="{{ $on->name }}" maxlength="60" required></label>
        <label class="field"><span>Height, m</span><input name="height" value="{{ $on->height }}" inputmode="decimal" required></label>
    </div>
    @foreach ($walls as $field => [$is, $title])
    <label class="field"><span>{{ $title }}, unless told otherwise</span><select name="{{ $field }}">
        @if ($is === null)
        <option value="as-is" selected>As they are</option>
        @endif
        @foreach (Construction::cases() as $construction)
        <option value="{{ $construction->value }}" @selected($construction === $is)>{{ $construction->words() }}</option>
        @endforeach
    </select></label>
    @endforeach
    <label class="field"><span>Its floor</span><select name="floor">
        @php($floor = FloorKind::of($on->floorLayers))
        @if ($floor === null)
        <option value="as-is" selected>As it is</option>
        @endif
        @foreach (FloorKind::cases() as $kind)
        <option value="{{ $kind->value }}" @selected($kind === $floor)>{{ $kind->words() }}</option>
        @endforeach
    </select></label>
    <button class="btn">Save the storey</button>
</x-form>
@if (count($plan->storeys) > 1 && $plan->roomsOn($on->key) === [])
<x-form :action="$post" data-plan-edit>
    <input type="hidden" name="edit" value="remove-storey"><input type="hidden" name="storey" value="{{ $on->key }}">
    <button class="btn plain mt-2">Take this storey off the plan</button>
</x-form>
@endif
</details>
<details id="add-storey"><summary>Add a storey</summary>
<x-form :action="$post" data-plan-edit>
    <input type="hidden" name="edit" value="add-storey"><input type="hidden" name="on" value="{{ $on->key }}">
    <label class="field"><span>Name</span><input name="name" maxlength="60" placeholder="First floor" required></label>
    <div class="two">
        <label class="field"><span>It lies</span><select name="where">
            @foreach (array_combine(AddStorey::PLACES, ['above all', 'below all', 'apart, at ground level']) as $place => $words)
            <option value="{{ $place }}">{{ $words }}</option>
            @endforeach
        </select></label>
        <label class="field"><span>Height, m</span><input name="height" value="{{ $on->height }}" inputmode="decimal" required></label>
    </div>
    <label class="field"><span>Its floor</span><select name="floor">
        @foreach (FloorKind::cases() as $kind)
        <option value="{{ $kind->value }}" @selected($kind === FloorKind::Timber)>{{ $kind->words() }}</option>
        @endforeach
    </select></label>
    <button class="btn">Add the storey</button>
</x-form></details>
<details id="add-point"><summary>Add a point</summary>
<x-form :action="$post" data-plan-edit>
    <input type="hidden" name="edit" value="add-point"><input type="hidden" name="storey" value="{{ $on->key }}">
    <input type="hidden" name="on" value="{{ $on->key }}">
    <label class="field"><span>For what</span><input name="purpose" value="socket" maxlength="40" required list="purposes"></label>
    <datalist id="purposes">@foreach (['socket', 'switch box', 'lighting feed', 'data', 'access point', 'blind', 'camera', 'shelf'] as $one)
        <option value="{{ $one }}"></option>@endforeach</datalist>
    <button type="button" class="btn" data-touch-plan>Touch its place on the plan</button>
    @include('survey.rooms.place')
    <label class="field"><span>Height over the floor, m</span><input name="height" value="0.4" inputmode="decimal" required></label>
    <label class="tick"><input type="checkbox" name="mains" value="1" checked> <span>Mains is there</span></label>
    <button class="btn">Add the point</button>
</x-form></details>
<details id="add-riser"><summary>Add a riser or a duct</summary>
<x-form :action="$post" data-plan-edit>
    <input type="hidden" name="edit" value="add-riser"><input type="hidden" name="storey" value="{{ $on->key }}">
    <input type="hidden" name="on" value="{{ $on->key }}">
    <label class="field"><span>Riser, called</span><input name="name" value="Riser" maxlength="60" required></label>
    <label class="field"><span>From here to</span><select name="to">
        @foreach ($plan->storeys as $storey)
        <option value="{{ $storey->key }}">{{ $storey->name }}</option>
        @endforeach
    </select></label>
    <button type="button" class="btn" data-touch-plan>Touch its place on the plan</button>
    @include('survey.rooms.place')
    <button class="btn">Add the riser</button>
</x-form>
<x-form :action="$post" data-plan-edit class="mt-4">
    <input type="hidden" name="edit" value="add-duct"><input type="hidden" name="storey" value="{{ $on->key }}">
    <input type="hidden" name="on" value="{{ $on->key }}">
    <label class="field"><span>Duct, called</span><input name="name" value="Duct" maxlength="60" required></label>
    <label class="field"><span>Height over the floor, m</span><input name="height" value="{{ $on->height }}" inputmode="decimal"
        required></label>
    <button type="button" class="btn" data-touch-path>Touch its way on the plan</button>
    <label class="field"><span>Places, x,y in metres</span>
        <input name="path" maxlength="2000" placeholder="1.0,2.0 4.5,2.0" required></label>
    <button class="btn">Add the duct</button>
</x-form></details>
<details id="room-table"><summary>Take rooms in from a table</summary>
<p class="quiet mb-2">A CSV file with the columns room, width, depth; and, if you like, height, storey, kind, x, y. In metres.</p>
<x-form :action="route('jobs.room-tables.store', $job)" enctype="multipart/form-data">
    <input type="hidden" name="storey" value="{{ $on->key }}"><input type="hidden" name="on" value="{{ $on->key }}">
    <label class="field"><span>File</span><input type="file" name="table" accept=".csv,.txt,text/csv" required></label>
    <button class="btn">Take them in</button>
</x-form></details>
@include('survey.rooms.underlay')
