<x-form :action="route('jobs.slots.proofs.store', [$job, $key])" class="holds-thumb">
    <input type="hidden" name="rung" value="hand"><input type="hidden" name="from" value="fit"><input type="hidden" name="outcome"
        value="passed">
    <div class="thumb"><button class="big" id="big" data-move="hand-{{ $key }}" data-key="n">It works by hand</button></div>
</x-form>
<details id="hand-fails"><summary>It does not</summary>
<x-form :action="route('jobs.slots.proofs.store', [$job, $key])">
    <input type="hidden" name="rung" value="hand"><input type="hidden" name="from" value="fit">
    <label class="field"><span>Because</span><input name="reason" maxlength="200" required></label>
    <div class="pair">
        <button class="btn" name="outcome" value="failed">It fails</button>
        <button class="btn" name="outcome" value="not-tested">Not tested</button>
    </div>
</x-form></details>
