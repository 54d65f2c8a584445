<details id="underlay"><summary>{{ $underlay === null ? 'Lay a photograph or scan under it' : 'The picture under it' }}</summary>
@if ($underlay === null)
<p class="quiet mb-2">JPEG or PNG, 10 MB at most. Afterwards say one known length in it, and it lies to scale.</p>
<x-form :action="route('jobs.underlays.store', [$job, $on->key])" enctype="multipart/form-data">
    <label class="field"><span>Picture</span><input type="file" name="picture" accept="image/jpeg,image/png" required></label>
    <button class="btn">Lay it under</button>
</x-form>
@else
<x-form :action="route('jobs.underlays.update', [$job, $on->key])" method="put">
    <button type="button" class="btn" data-touch-path>Touch both ends of a length you know</button>
    <label class="field"><span>Both ends, x,y in metres</span>
        <input name="path" maxlength="200" placeholder="1.0,2.0 4.5,2.0" required></label>
    <label class="field"><span>It is, in metres</span><input name="length" inputmode="decimal" required></label>
    <button class="btn">Bring it to scale</button>
</x-form>
<x-form :action="route('jobs.underlays.update', [$job, $on->key])" method="put" class="mt-2">
    <div class="three">
        <label class="field"><span>Left, m</span><input name="x" value="{{ round($underlay->x, 2) }}" inputmode="decimal" required></label>
        <label class="field"><span>Top, m</span><input name="y" value="{{ round($underlay->y, 2) }}" inputmode="decimal" required></label>
        <button class="btn self-end mb-2.5">Move</button>
    </div>
</x-form>
<x-form :action="route('jobs.underlays.destroy', [$job, $on->key])" method="delete">
    <button class="btn plain">Take the picture away</button>
</x-form>
@endif
</details>
