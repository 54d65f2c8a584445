@use('Kavvel\Core\Measuring\Fit')
@php($link = fn (?string $at): string => $bench->url(['lens' => 'measure', 'at' => $at]))
@php($byRoom = [])
@foreach ($measures->openings as $key => $one)
    @php($byRoom[$one->roomName][$key] = $one)
@endforeach
<div class="wants">
<div class="wants-scroll" id="measure-scroll" data-keeps-scroll tabindex="0" role="group" aria-label="Windows and doors">
@foreach ($byRoom as $room => $all)
<section class="reach">
    <h2>{{ $room }}</h2>
    <div class="sights">
        @foreach ($all as $key => $one)
        <a class="sight" href="{{ $link($key) }}" @if ($at === $key) aria-current="true" @endif>
            <span class="sight-name"><strong>{{ Str::ucfirst($one->called) }}</strong>
                @if ($one->bearing !== null)
                <span class="quiet"><svg class="needle" viewBox="-10 -10 20 20" aria-hidden="true"><circle r="9"/><path
                    transform="rotate({{ round($one->bearing) }})" d="M0-8 4 6 0 3-4 6z"/></svg>{{ round($one->bearing) }}°{{
                    $one->sun === null ? '' : ", {$one->sun->looks()}" }}</span>
                @endif
                @if ($one->planned !== null)
                <span class="mark @if ($one->fit() !== Fit::Fits) is-open @endif">{{ match ($one->fit()) {
                    Fit::Fits => "{$one->planned->name} fits",
                    Fit::No => "{$one->planned->name} does not fit",
                    default => 'to be measured',
                } }}</span>
                @endif
            </span>
            @if ($one->sun !== null)
            @include('survey.measure.day-bars', ['sun' => $one->sun])
            @endif
        </a>
        @endforeach
    </div>
</section>
@endforeach
@if ($measures->openings === [])
<p class="quiet p-4">No window and no outer door is on the plan yet: open a wall in “Rooms”.</p>
@endif
@if ($measures->strays !== [])
<section class="reach">
    <h2>Measured where no opening is any more</h2>
    <p class="quiet">A wall or an opening was moved since. Put it back, or measure again.</p>
    @if ($bench->mayWork())
    @foreach ($measures->strays as $stray)
    <x-form :action="route('jobs.measures.destroy', $job)" method="delete" class="mt-2">
        <input type="hidden" name="opening" value="{{ $stray->opening }}">
        <input type="hidden" name="lock_version" value="{{ $stray->lock_version }}">
        <button class="btn small plain">Forget what was measured at {{ $stray->opening }}</button>
    </x-form>
    @endforeach
    @endif
</section>
@endif
</div>
<div class="legend">
    <span><svg class="d-key" viewBox="0 0 22 12" aria-hidden="true"><rect class="d-sun" width="22" height="12"/></svg>the
        sun shines in</span>
    <span><svg class="d-key" viewBox="0 0 22 12" aria-hidden="true"><rect class="d-dark" width="22" height="12"/></svg>dark outside</span>
    <span class="end">hours by local clocks; trees and houses are left out</span>
</div>
</div>
