@php($visit = $van->visit)
@php($clock = fn (int $minutes): string => intdiv($minutes, 60).' h '.str_pad((string) ($minutes % 60), 2, '0', STR_PAD_LEFT).' min')
@php($address = fn (int $number): string => $bench->url(['lens' => 'van', 'at' => "visit {$number}"]))
<div>
    <p class="over"><span>Van and time</span><span>visit {{ $visit->number }} of {{ $van->plan->planned }}</span></p>
    <h2>{{ $visit->slots === [] ? 'No work is left for it' : 'Visit '.$visit->number.' takes '.$clock($visit->minutes) }}</h2>
    <p class="why">{{ match (true) {
        $visit->slots === [] => "{$clock($visit->hasMinutes)} of it are left.",
        $visit->minutes > $visit->hasMinutes => "It has {$clock($visit->hasMinutes)}: one piece is longer than the visit.",
        default => "It has {$clock($visit->hasMinutes)}; what does not go into it comes on the next.",
    } }}</p>
</div>
@if ($van->plan->beyond() > 0)
<p class="note">The work needs {{ $van->plan->beyond() }} {{ Str::plural('visit', $van->plan->beyond()) }} more than the
    {{ $van->plan->planned }} that are planned.</p>
@endif
<ul class="rows">
    @foreach ($van->plan->visits as $one)
    <li><a href="{{ $address($one->number) }}" @if ($one->number === $visit->number) aria-current="true" @endif><span>Visit
        {{ $one->number }}, {{ count($one->slots) }} {{ Str::plural('device', count($one->slots)) }}</span><span class="end tabular-nums">{{
        $clock($one->minutes) }}</span></a></li>
    @endforeach
</ul>
<div class="thumb"><button class="big" id="big" type="button" data-move="print-{{ $visit->number }}" data-key="n" data-print>Print the
    list</button></div>
<a class="btn" href="{{ route('jobs.van', [$job, 'visit' => $visit->number]) }}" hx-boost="false">Take it along as CSV</a>
@php($soFar = $van->soFar())
@if ($soFar !== [])
<div>
    <h3>So far, against the plan</h3>
    <ul class="rows">
        @foreach ($soFar as $row)
        <li><span>{{ $row['stage'] }}, {{ $row['devices'] }} {{ Str::plural('device', $row['devices']) }}</span><span
            class="end tabular-nums">{{ $row['took'] }} min of {{ $row['planned'] }}</span></li>
        @endforeach
    </ul>
</div>
@endif
