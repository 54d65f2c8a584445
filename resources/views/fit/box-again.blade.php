<details id="edit-box"><summary>Look into the box again</summary>
<x-form :action="route('jobs.slots.box.update', [$job, $key])" method="put">
    @include('fit.box-fields')
    <button class="btn">Write it down</button>
</x-form></details>
