@if ($mayWork && $slot->fit->fitted_at !== null && ! $slot->card->isIn())
<details id="take-out"><summary>It has to come out again</summary>
<p class="quiet">Its circuit is made dead anew for that, as for putting it in.</p>
<x-form :action="route('jobs.slots.fitting.destroy', [$job, $key])" method="delete">
    <button class="btn">It comes out</button>
</x-form></details>
@endif
