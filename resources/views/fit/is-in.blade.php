<p class="note done">{{ $slot->fit->fitted_at === null ? 'It is on its network, so it has been wired.' : 'In since '
    .$slot->fit->fitted_at->onSite()->format('j M, H:i').", by {$slot->fit->fitted_by}".($slot->fit->minutes === null ? '.'
    : ", in {$slot->fit->minutes} min of {$slot->sheet()->minutes}.") }}</p>
<div class="thumb"><a class="big" id="big" data-move="on-{{ $key }}" data-key="n" href="{{ route('jobs.fit', $job) }}">To the next
    move</a></div>
@include('fit.to-settings', ['of' => $slot->card])
@include('fit.take-out')
