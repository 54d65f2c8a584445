@use('Kavvel\Core\Questions\QuestionStanding')
@php($question = $state->question)
@php($from ??= null)
<p class="note @if ($state->standing === QuestionStanding::Late || $state->standing === QuestionStanding::TooLate) danger @endif">
    <strong>By {{ $question->dueOn()->format('j F') }}, {{ $state->words() }}.</strong>
    @if ($question->closing !== null && ! $question->closing->isClosed) Before {{ $question->closing->name }}. @endif
    Unanswered: {{ $question->otherwise }}</p>
@if ($question->trade !== '' || $question->costEffect !== '')
<p class="quiet">{{ implode(' · ', array_filter([
    str_contains(mb_strtolower($question->owner), mb_strtolower($question->trade)) ? '' : Str::ucfirst($question->trade),
    $question->costEffect,
])) }}</p>
@endif
@php($ready = $state->readyAnswers())
@if ($question->sources !== [])
<p class="quiet">{{ $bench->mayWork() ? 'Two sources disagree. Which of them holds?' : 'Two sources disagree.' }}</p>
@endif
@if (! $bench->mayWork())
<ul class="rows">
    @foreach ($question->sources as $one)
    <li><span><span class="quiet">{{ $one->who }}</span><br>{{ $one->says }}</span></li>
    @endforeach
</ul>
@else
@foreach ($ready as $one)
<x-form :action="route('jobs.questions.answer.update', [$job, $row->key])" method="put">
    <input type="hidden" name="lock_version" value="{{ $row->lock_version }}">
    <input type="hidden" name="from" value="{{ $from }}"><input type="hidden" name="answer" value="{{ $one }}">
    <button class="btn">{{ Str::limit($one, 80) }}</button>
</x-form>
@endforeach
<x-form :action="route('jobs.questions.answer.update', [$job, $row->key])" method="put">
    <input type="hidden" name="lock_version" value="{{ $row->lock_version }}">
    <input type="hidden" name="from" value="{{ $from }}">
    <label class="field"><span>{{ $ready === [] ? 'The answer' : 'Or another answer' }}</span><textarea name="answer" maxlength="500"
        required></textarea></label>
    <div class="thumb"><button class="big" id="big" data-move="question-{{ $row->key }}" data-key="n">Note the answer</button></div>
</x-form>
@endif
