<a class="door is-{{ match (true) {
    ! $point->isReady() => $isPressing ? 'dark' : 'left',
    $point->next() === null => 'done',
    default => 'hub',
} }}" href="{{ $link("point {$point->point}") }}" @if ($at === "point {$point->point}") aria-current="true" @endif><span
    class="measure">{{ $point->label }}</span><strong>{{ match (true) {
        $point->isStale() => 'check it again',
        $point->next() === null => 'done',
        $point->isReady() => 'ready',
        default => 'next: '.mb_strtolower($point->next()->words()),
    } }}</strong></a>
