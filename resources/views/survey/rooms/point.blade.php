@php($point = $plan->thing('points', $chosen->key))
<x-form :action="route('jobs.plan-edits.store', $job)" data-plan-edit>
    @include('survey.rooms.edit', ['edit' => 'move-point'])
    <div class="three">
        <label class="field"><span>x, m</span><input name="x" value="{{ $point->position[0] }}" inputmode="decimal" required></label>
        <label class="field"><span>y, m</span><input name="y" value="{{ $point->position[1] }}" inputmode="decimal" required></label>
        <button class="btn self-end mb-2.5">Move</button>
    </div>
</x-form>
<x-form :action="route('jobs.plan-edits.store', $job)" data-plan-edit>
    @include('survey.rooms.edit', ['edit' => 'remove-point'])
    <button class="btn plain">Take it off the plan</button>
</x-form>
