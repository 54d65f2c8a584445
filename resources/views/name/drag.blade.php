<x-form :action="route('jobs.places.store', $job)" id="drag" data-plan-edit hidden>
    @foreach (['edit', 'slot', 'x', 'y', 'by_hand'] as $field)
    <input type="hidden" name="{{ $field }}" value="">
    @endforeach
</x-form>
<p class="draft-tip" id="draft-tip" role="status" aria-live="polite"></p>
