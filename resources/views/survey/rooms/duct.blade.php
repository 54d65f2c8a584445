<x-form :action="route('jobs.plan-edits.store', $job)" data-plan-edit>
    @include('survey.rooms.edit', ['edit' => 'remove-duct'])
    <button class="btn">Take it off the plan</button>
</x-form>
