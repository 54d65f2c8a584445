@use('Kavvel\Core\Measuring\Compass')
@use('Kavvel\Core\Measuring\Fit')
@use('Kavvel\Core\Measuring\SeenFrom')
@php($mayWork = $bench->mayWork())
@php($link = fn (?string $at): string => $bench->url(['lens' => 'measure', 'at' => $at]))
@php($clock = fn (float $minute): string => sprintf('%02d:%02d', intdiv((int) round($minute), 60) % 24, (int) round($minute) % 60))
@if ($one !== null)
<a class="btn plain !justify-start" href="{{ $link(null) }}" data-key="n">← All windows and doors</a>
<div>
    <p class="over"><span>{{ $one->roomName }}</span><span>{{ $one->sun === null ? '' : "looks {$one->sun->looks()}" }}</span></p>
    <h2>{{ Str::ucfirst($one->called) }}</h2>
    @if ($one->planned !== null)
    <p class="why">{{ $one->planned->name }} is planned there: {{ match ($one->fit()) {
        Fit::Fits => 'it fits.', Fit::No => 'it does not fit.', default => 'measure before it is bought.',
    } }}</p>
    @endif
</div>
@php($window = $one->isWindow() ? ($one->row?->windowMeasures()) : null)
@if ($window?->bearing !== null && $measures->compass?->off($one->opening, $window->bearing) > Compass::OFF_DEGREES)
<p class="note">The compass says {{ round($window->bearing) }}°, the plan {{ round($one->bearing) }}°: steel nearby turns the needle. Read
    it again a step away.</p>
@endif
@if ($one->sun !== null)
<table class="breakdown"><caption class="visually-hidden">The sun at this window</caption><tbody>
    @foreach ($one->sun->days as $day)
    <tr><td class="!whitespace-nowrap">{{ $day->called }}</td>
        <td class="!whitespace-normal">{{ $day->glare === [] ? 'no sun' : 'sun '.implode(', ', array_map(
        fn ($span) => $clock($span[0]).'–'.$clock($span[1]), $day->glare)) }}{{
        $day->sunset === null ? '' : ', dark from '.$clock($day->sunset) }}</td></tr>
    @endforeach
</tbody></table>
@if ($window?->seenFrom !== null && $window->seenFrom !== SeenFrom::Nowhere)
<p class="note">One can look in {{ $window->seenFrom->words() }} once it is dark and lights are on: what closes it begins at sunset.</p>
@endif
@elseif ($one->isWindow())
<p class="quiet">{{ $measures->knowsPlace ? 'Read a compass at one window, and the sun at all of them is known.'
    : 'Say in the job where the house stands, and what the sun does here is known.' }}</p>
@endif
@if ($mayWork)
<x-form :action="route('jobs.measures.update', $job)" method="put">
    <input type="hidden" name="opening" value="{{ $one->room }} {{ $one->opening->id }}">
    <input type="hidden" name="lock_version" value="{{ $one->row->lock_version ?? 0 }}">
    @if ($one->isWindow())
    @include('survey.measure.window-fields', ['window' => $window ?? new Kavvel\Core\Measuring\WindowMeasures])
    @else
    @include('survey.measure.door-fields', ['door' => $one->row?->doorMeasures() ?? new Kavvel\Core\Measuring\DoorMeasures])
    @endif
    <div class="thumb"><button class="big" id="big" data-move="measure-{{ $one->opening->id }}">Note the measures</button></div>
</x-form>
@endif
@php($offers = $measures->offers($one, $catalogue))
@if ($offers !== [])
<div>
    <h3>{{ $one->isWindow() ? 'Blinds of the catalogue' : 'Locks of the catalogue' }}</h3>
    @foreach ($offers as [$profile, $report])
    @include('survey.measure.report', ['isOpen' => $profile->key === $one->planned?->key])
    @endforeach
    @foreach (array_unique(array_merge(...array_map(fn ($offer) => $offer[1]->cautions, $offers))) as $caution)
    <p class="note">{{ $caution }}</p>
    @endforeach
</div>
@endif
@else
@php($next = $measures->next())
<div>
    <p class="over"><span>Measure before buying</span><span>{{ count($measures->openings) }} openings</span></p>
    @if ($measures->openings === [])
        <h2>Draw windows and doors first</h2>
        <p class="why">What is measured belongs to one of them.</p>
    @elseif ($next !== null && $next->fit() === Fit::No)
        <h2>{{ $next->planned->name }} does not fit</h2>
        <p class="why">{{ $next->title() }}. {{ implode('. ', array_map(fn ($one) => $one->words, $next->report->all(Fit::No))) }}.</p>
    @elseif ($next !== null)
        <h2>Measure {{ str_contains($next->called, ' ') ? $next->called : "the {$next->called}" }}</h2>
        <p class="why">{{ $next->roomName }}: {{ $next->planned->name }} is planned there, and nobody knows yet whether it fits.</p>
    @elseif ($measures->compass === null)
        <h2>Read a compass at one window</h2>
        <p class="why">Then it is known for all of them when the sun shines in, and from when on one can look in.</p>
    @elseif (array_filter($measures->openings, fn ($one) => $one->planned !== null) === [])
        <h2>Nothing is planned to be measured for</h2>
        <p class="why">No lock or blind with measures in its sheet is planned. Touch a window or door to measure it all the same.</p>
    @else
        <h2>What is planned fits</h2>
        <p class="why">Touch a window or door to measure it for something else.</p>
    @endif
</div>
@if ($next !== null)
<div class="thumb"><a class="big" id="big" data-move="measure-{{ $next->opening->id }}" data-key="n"
    href="{{ $link("{$next->room} {$next->opening->id}") }}">{{ $next->fit() === Fit::No ? 'Look at it' : 'Measure it' }}</a></div>
@endif
@if ($measures->compass !== null)
<p class="quiet">The upper edge of the plan looks to {{ round($measures->compass->up) }}°{{ $job->up_bearing === null
    ? ', by the compass at its windows' : '' }}.</p>
@endif
@if ($mayWork)
<details id="compass"><summary>How the plan lies</summary>
<x-form :action="route('jobs.compass.update', $job)" method="put">
    <label class="field"><span>Its upper edge looks to, ° from north</span><input name="up" inputmode="decimal"
        value="{{ $job->up_bearing === null ? '' : round($job->up_bearing, 1) }}"></label>
    <p class="quiet mb-2.5">Off a map. Left empty, the readings at the windows say it.</p>
    <button class="btn">Turn it</button>
</x-form></details>
@endif
@endif
