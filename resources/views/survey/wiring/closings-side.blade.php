@use('Kavvel\Core\Questions\Ask')
@php($mayWork = $bench->mayWork())
@php($link = fn (?string $at): string => $bench->url(['lens' => 'closings', 'at' => $at]))
@if ($point !== null)
@include('survey.wiring.point-steps')
@else
@php($next = $closings->next())
@php($shown = $state ?? $next)
@if ($state !== null)
<a class="btn plain !justify-start" href="{{ $link(null) }}" data-key="n">← All closings</a>
@endif
<div>
    <p class="over"><span>{{ $shown === null ? 'Closings' : $shown->closing->trade }}</span><span>{{ $shown === null ? ''
        : $shown->closing->on->format('j F') }}</span></p>
    @if ($shown === null)
        <h2>Ask what closes when</h2>
        <p class="why">Plaster, screed, tiles, a scaffold that comes down: what lies behind has to be in, labelled, photographed and checked
            before.</p>
    @elseif ($shown->closing->isClosed)
        <h2>{{ $shown->closing->name }} is closed</h2>
        <p class="why">{{ $closings->photographed($shown) }} of {{ count($shown->points) }} points have their photograph here.</p>
    @elseif ($shown->notReady() !== [])
        <h2>{{ count($shown->notReady()) === 1 ? 'One point' : count($shown->notReady()).' points' }} before
            {{ $shown->closing->name }}</h2>
        <p class="why">{{ $shown->daysLeft < 0 ? 'Its day is past.' : ($shown->daysLeft === 0 ? 'It closes today.'
            : "{$shown->daysLeft} days are left.") }} Next: {{ $shown->notReady()[0]->label }},
            {{ mb_strtolower($shown->notReady()[0]->next()->words()) }}.</p>
    @else
        <h2>{{ $shown->closing->name }} may close</h2>
        <p class="why">{{ $shown->points === [] ? 'No cable ends behind it.' : 'All behind it is in, labelled, photographed and checked.'
            }}</p>
    @endif
</div>
@if ($shown !== null && ! $shown->closing->isClosed)
    @if ($shown->notReady() !== [])
    <div class="thumb"><a class="big" id="big" data-move="point-{{ $shown->notReady()[0]->point }}" data-key="n"
        href="{{ $link("point {$shown->notReady()[0]->point}") }}">Open {{ $shown->notReady()[0]->label }}</a></div>
    @elseif ($mayWork)
    <x-form :action="route('jobs.closings.closed.store', [$job, $shown->closing->key])">
        <div class="thumb"><button class="big" id="big" data-move="close-{{ $shown->closing->key }}"
            data-key="n">It is closed</button></div>
    </x-form>
    @endif
    @if ($shown->closing->leadDays > 0)
    <p class="{{ $shown->isOrderLate ? 'note danger' : 'quiet' }}">{{ $shown->isOrderLate
        ? 'What has to be in was to be ordered by' : 'Order what has to be in by' }} {{ $shown->closing->orderBy()->format('j F') }}.</p>
    @endif
    <p class="quiet">Questions about it by {{ $shown->closing->questionsBy()->format('j F') }}, two working days before.</p>
    @php($asked = $questions->before($shown->closing->key))
    @if ($asked !== [])
    <ul class="rows">
        @foreach ($asked as $one)
        <li><a href="{{ $bench->url(['lens' => 'questions', 'at' => "question {$one->question->key}"]) }}"><span>{{
            $one->question->text }}<br><span class="quiet">{{ $one->question->owner }}, {{ $one->words() }}</span></span></a></li>
        @endforeach
    </ul>
    @endif
    @if ($mayWork)
    <a class="btn plain" href="{{ $bench->url(['lens' => 'questions', 'at' => "ask closing {$shown->closing->key}"]) }}">Ask about it</a>
    @endif
@endif
@if ($closings->differences !== [])
<div>
    <h3>Counts to settle</h3>
    <ul class="rows">
        @foreach ($closings->differences as $one)
        @php($asked = $questions->about(Ask::aboutCount($one)))
        <li><span>{{ Str::ucfirst($one->purpose) }}: {{ $one->words() }}<br><span class="quiet">designer {{ $one->designer ?? '–' }}, plan
            {{ $one->plan }}, fitted {{ $one->fitted }}@if ($asked !== null)<br>{{ $asked->question->answer === null
                ? "{$asked->question->owner} is asked, {$asked->words()}" : "settled: {$asked->question->answer}" }}@endif</span></span>
            @if ($asked !== null)
            <a class="end" href="{{ $bench->url(['lens' => 'questions', 'at' => "question {$asked->question->key}"]) }}">See it</a>
            @elseif ($mayWork && Ask::ofCount($one) !== null)
            <a class="end" href="{{ $bench->url(['lens' => 'questions', 'at' => 'ask '.Ask::aboutCount($one)]) }}">Ask</a>
            @endif
        </li>
        @endforeach
    </ul>
</div>
@endif
@if ($mayWork)
@if ($state !== null && $row !== null && ! $state->closing->isClosed)
<details id="edit-closing"><summary>Change it</summary>
<x-form :action="route('jobs.closings.update', [$job, $row->key])" method="put">
    <input type="hidden" name="lock_version" value="{{ $row->lock_version }}">
    @include('survey.wiring.closing-fields')
    <button class="btn">Save it</button>
</x-form>
<x-form :action="route('jobs.closings.destroy', [$job, $row->key])" method="delete">
    <button class="btn plain">Nothing closes there: take it off</button>
</x-form></details>
@endif
@if ($state !== null && $state->closing->isClosed)
<x-form :action="route('jobs.closings.closed.destroy', [$job, $state->closing->key])" method="delete">
    <button class="btn plain">It is open after all</button>
</x-form>
@endif
@if ($state === null)
<details id="add-closing" @if ($closings->states === []) open @endif><summary>Note a closing</summary>
<x-form :action="route('jobs.closings.store', $job)">
    @include('survey.wiring.closing-fields', ['row' => null])
    <button class="btn">Note it</button>
</x-form></details>
<details id="trade-work"><summary>Another trade worked here</summary>
<x-form :action="route('jobs.site-work.store', $job)">
    <label class="field"><span>Trade</span><input name="trade" maxlength="80" required></label>
    <label class="field"><span>In</span><select name="room">
        @foreach ($sheet->geometry->rooms as $one)
        <option value="{{ $one['key'] }}">{{ $sheet->geometry->roomTitle($one) }}</option>
        @endforeach
    </select></label>
    <button class="btn">Note it: checks there are stale</button>
</x-form>
@if ($closings->worked !== [])
<ul class="rows">
    @foreach ($closings->worked as $one)
    <li><span>{{ Str::ucfirst($one->trade) }}, {{ mb_strtolower($closings->plan->room($one->room)->name) }}<br>
        <span class="quiet">{{ $one->at->onSite()->format('j M, H:i') }}</span></span>
        <x-form :action="route('jobs.site-work.destroy', [$job, $one->id])" method="delete" class="end">
            <button class="btn small plain" aria-label="Take back: {{ $one->trade }} worked there">×</button>
        </x-form></li>
    @endforeach
</ul>
@endif
</details>
@if ($closings->planned !== [])
<details id="counts"><summary>What the designer counts</summary>
@foreach ($closings->planned as $purpose => $count)
<x-form :action="route('jobs.site-work.update', $job)" method="put" class="two items-end">
    <input type="hidden" name="purpose" value="{{ $purpose }}">
    <label class="field"><span>{{ Str::ucfirst($purpose) }}, plan {{ $count }}</span><input name="count" inputmode="numeric" maxlength="4"
        value="{{ $job->designer_counts[$purpose] ?? '' }}"></label>
    <button class="btn mb-2.5" aria-label="Count {{ $purpose }}">Count</button>
</x-form>
@endforeach
</details>
@endif
@endif
@endif
@endif
