@php($link = fn (string $at): string => $bench->url(['lens' => 'closings', 'at' => $at]))
@php($days = fn (int $left): string => match (true) {
    $left < 0 => 'past',
    $left === 0 => 'today',
    $left === 1 => 'tomorrow',
    default => "in {$left} days",
})
@php($covered = array_merge([], ...array_map(fn ($one) => array_map(fn ($point) => $point->point, $one->points), $closings->states)))
@php($others = array_filter($closings->points, fn ($one) => ! in_array($one->point, $covered, true)))
<div class="wants">
<div class="wants-scroll" id="closings-scroll" data-keeps-scroll tabindex="0" role="group" aria-label="Closings and their points">
@foreach ($closings->states as $one)
<section class="reach">
    <h2><a href="{{ $link("closing {$one->closing->key}") }}" @if ($at === "closing {$one->closing->key}") aria-current="true"
        @endif>{{ $one->closing->name }}</a>
        <span class="quiet">{{ $one->closing->isClosed ? 'closed' : $one->closing->on->format('j F').', '.$days($one->daysLeft) }} ·
            {{ $one->closing->trade }} · {{ count($one->points) - count($one->notReady()) }} of {{ count($one->points) }} ready</span></h2>
    <div class="reach-doors">
        @foreach ($one->points as $point)
            @include('survey.wiring.point-plate', ['isPressing' => true])
        @endforeach
    </div>
    @if ($one->bare !== [] && ! $one->closing->isClosed)
    <p class="quiet">No cable ends in {{ implode(', ', array_map(fn ($room) => 'the '.mb_strtolower($closings->plan->room($room)->name),
        array_values(array_filter($one->bare, fn ($room) => isset($closings->plan->rooms[$room]))))) }}: a spare one is cheap now, and dear
        once it is closed.</p>
    @endif
</section>
@endforeach
@if ($others !== [])
<section class="reach">
    <h2>{{ $closings->states === [] ? 'Points with a cable' : 'Behind no closing' }}</h2>
    <div class="reach-doors">
        @foreach ($others as $point)
            @include('survey.wiring.point-plate', ['isPressing' => $closings->states === []])
        @endforeach
    </div>
</section>
@elseif ($closings->points === [])
<p class="quiet p-4">No point has a cable yet: say in “Cables” what each point is for.</p>
@endif
</div>
<div class="legend">
    <span><i class="door-mark is-dark" aria-hidden="true"></i>to do before it closes</span>
    <span><i class="door-mark is-hub" aria-hidden="true"></i>ready to close</span>
    <span><i class="door-mark is-done" aria-hidden="true"></i>fitted and powered</span>
</div>
</div>
