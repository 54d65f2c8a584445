@php($mayWork = $bench->mayWork())
@php($link = fn (?string $at): string => $bench->url(['lens' => 'questions', 'at' => $at]))
@php($shown = $isAsking ? null : $state ?? $questions->next())
@php($row = $shown === null ? null : $questions->rows[$shown->question->key])
@php($openClosings = array_filter($worth->closings->states, fn ($one) => ! $one->closing->isClosed
    || $one->closing->key === $row?->closing?->key))
@if ($isAsking || $state !== null)
<a class="btn plain !justify-start" href="{{ $link(null) }}" data-key="n">← All questions</a>
@endif
@if ($isAsking && $mayWork)
@php($ask = $worth->asks[$wanted] ?? null)
<div>
    <p class="over"><span>New question</span><span></span></p>
    <h2>{{ $ask === null ? 'Ask somebody' : 'Ask about it' }}</h2>
    <p class="why">The work goes on by its day: say what happens where nobody answers.</p>
</div>
<x-form :action="route('jobs.questions.store', $job)">
    <input type="hidden" name="about" value="{{ $ask?->about }}">
    @include('survey.questions.fields', ['closings' => $openClosings, 'given' => [
        'text' => $ask?->text, 'owner' => $ask === null ? '' : $job->client_name, 'trade' => '', 'otherwise' => $ask?->otherwise,
        'cost_effect' => '', 'due_on' => '', 'sources' => $ask->sources ?? [],
        'closing' => $ask === null ? (str_starts_with($wanted, 'closing ') ? substr($wanted, 8) : '') : $worth->closingOf($ask),
    ]])
    <div class="thumb"><button class="big" id="big" data-move="ask">Ask it</button></div>
</x-form>
@elseif ($shown === null)
<div>
    <p class="over"><span>Questions</span><span></span></p>
    <h2>Nobody is asked anything</h2>
    <p class="why">What only the client, a designer or another trade can say is noted here, with its day and what happens without an
        answer.</p>
</div>
@else
<div>
    <p class="over"><span>{{ $shown->question->isOpen() ? 'Question' : 'Answered' }}</span><span>{{
        $shown->question->isOpen() ? $shown->words() : $row->answered_at->onSite()->format('j F') }}</span></p>
    <h2>{{ $shown->question->isOpen() ? "Ask {$shown->question->owner}" : $shown->question->owner }}</h2>
    <p class="why">{{ $shown->question->text }}</p>
</div>
@if ($shown->question->isOpen())
    @include('survey.questions.answer', ['state' => $shown, 'from' => 'questions'])
@else
<p class="note done">{{ $shown->question->answer }}</p>
@foreach ($shown->question->sources as $one)
<p class="quiet">{{ $one->words() }}</p>
@endforeach
@if ($mayWork)
<x-form :action="route('jobs.questions.answer.destroy', [$job, $row->key])" method="delete">
    <input type="hidden" name="lock_version" value="{{ $row->lock_version }}"><input type="hidden" name="from" value="questions">
    <button class="btn plain">Ask it again</button>
</x-form>
@endif
@endif
@if ($mayWork && $state !== null && $state->question->isOpen())
<details id="edit-question"><summary>Change it</summary>
<x-form :action="route('jobs.questions.update', [$job, $row->key])" method="put">
    <input type="hidden" name="lock_version" value="{{ $row->lock_version }}">
    @include('survey.questions.fields', ['closings' => $openClosings, 'given' => [
        'text' => $row->text, 'owner' => $row->owner, 'trade' => $row->trade, 'otherwise' => $row->otherwise,
        'cost_effect' => $row->cost_effect, 'closing' => $row->closing?->key, 'due_on' => $row->due_on->toDateString(),
        'sources' => $shown->question->sources,
    ]])
    <button class="btn">Save it</button>
</x-form>
<x-form :action="route('jobs.questions.destroy', [$job, $row->key])" method="delete">
    <button class="btn plain">Nobody has to answer it: take it off</button>
</x-form></details>
@endif
@endif
@if (! $isAsking && $state === null)
@if ($mayWork)
<a class="btn" href="{{ $link('ask') }}">Ask something</a>
@endif
<a class="btn plain" href="{{ route('jobs.calendar', $job) }}" hx-boost="false" download>Take the days along (calendar)</a>
@endif
