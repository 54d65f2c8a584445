@php($open = array_filter($wall->stops, fn ($stop) => ! $stop->isDone()))
@php($blinds = array_filter($wall->blinds, fn ($one) => ! $one->core->isDone()))
@if ($open !== [] || $blinds !== [])
<div>
    <p class="over"><span>Circuit by circuit</span><span>each off once</span></p>
    @foreach ($open as $stop)
    @php($circuit = $wall->circuits[(string) $stop->circuit] ?? null)
    <p class="over mt-2"><span>{{ $circuit?->label ?? 'No circuit yet' }}</span><span class="tabular-nums">{{ $stop->minutes === 0 ? ''
        : "{$stop->minutes} min" }}</span></p>
    <ul class="rows">
        @foreach ($stop->slots as $one)
        @if ($one->standing() !== Kavvel\Core\Fit\FitStanding::Done)
        @php($other = $wall->slots[$one->key])
        <li><a href="{{ route('jobs.fit', [$job, 'next' => $one->key]) }}" @if ($one->key === $key) aria-current="true" @endif>
            @chip($other->card->profile->protocol)<span>{{ $other->card->fullTitle() }}</span><span class="end whitespace-nowrap">{{
            $one->standing()->words() }}</span></a></li>
        @endif
        @endforeach
    </ul>
    @endforeach
    @if ($blinds !== [])
    <p class="over mt-2"><span>Blinds and locks</span><span class="tabular-nums">{{ array_sum(array_map(
        fn ($one) => $one->core->isFitted ? 0 : $one->core->minutes, $blinds)) }} min</span></p>
    <ul class="rows">
        @foreach ($blinds as $one)
        <li><a href="{{ route('jobs.fit', [$job, 'next' => $one->key()]) }}" @if ($one->key() === $key) aria-current="true" @endif>
            @chip($one->card->profile->protocol)<span>{{ $one->card->fullTitle() }}</span><span class="end whitespace-nowrap">{{
            $one->core->standing() }}</span></a></li>
        @endforeach
    </ul>
    @endif
</div>
@endif
