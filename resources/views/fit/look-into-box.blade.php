<p class="note">To look behind the cover, switch its circuit off; hands stay out until it is proved dead. By a person licensed for it
    where the law asks.</p>
@foreach ($card->cautions as $caution)
<p class="note">{{ $caution }}</p>
@endforeach
@if ($mayWork)
<x-form :action="route('jobs.slots.box.update', [$job, $key])" method="put" class="holds-thumb">
    @include('fit.box-fields')
    <div class="thumb"><button class="big" id="big" data-move="box-{{ $key }}" data-key="n">Write it down</button></div>
</x-form>
@include('fit.circuit-again')
@endif
