@use('Kavvel\Core\Questions\QuestionStanding')
@php($link = fn (string $at): string => $bench->url(['lens' => 'questions', 'at' => $at]))
<div class="wants">
<div class="wants-scroll" id="questions-scroll" data-keeps-scroll tabindex="0" role="group" aria-label="Questions">
@foreach (['To be answered' => $questions->open(), 'Answered' => $questions->answered()] as $title => $states)
@if ($states !== [])
<section class="asks">
    <h2>{{ $title }}</h2>
    <ul>
    @foreach ($states as $one)
    @php($question = $one->question)
    <li><a class="ask @if ($one->standing === QuestionStanding::Late || $one->standing === QuestionStanding::TooLate) is-late @endif"
        href="{{ $link("question {$question->key}") }}" @if ($at === "question {$question->key}") aria-current="true" @endif>
        <span class="ask-day"><strong>{{ $question->isOpen() ? $question->dueOn()->format('j M')
            : $questions->rows[$question->key]->answered_at->onSite()->format('j M') }}</strong><span>{{ $one->words() }}</span></span>
        <span class="ask-text"><strong>{{ $question->text }}</strong>
            <span class="quiet">{{ implode(' · ', array_filter([
                $question->owner,
                str_contains(mb_strtolower($question->owner), mb_strtolower($question->trade)) ? '' : $question->trade,
                $question->closing === null ? '' : "before {$question->closing->name}",
            ])) }}</span>
            @if ($question->isOpen())
            @if ($question->sources !== [])
            <span class="ask-sources">@foreach ($question->sources as $source)<span><span class="quiet">{{ $source->who }}</span>
                <strong>{{ $source->says }}</strong></span>@endforeach</span>
            @endif
            @if ($question->costEffect !== '')<span>{{ $question->costEffect }}</span>@endif
            <span class="quiet">Unanswered: {{ $question->otherwise }}</span>
            @else
            <span>{{ $question->answer }}</span>
            @endif
        </span></a></li>
    @endforeach
    </ul>
</section>
@endif
@endforeach
@if ($worth->asks !== [])
<section class="asks">
    <h2>Worth asking</h2>
    <ul>
    @foreach ($worth->asks as $ask)
    <li><a class="ask is-open" href="{{ $link("ask {$ask->about}") }}" @if ($at === "ask {$ask->about}") aria-current="true" @endif>
        <span class="ask-text"><strong>{{ $ask->text }}</strong>
            @if ($ask->sources !== [])
            <span class="quiet">{{ implode(', ', array_map(fn ($one) => $one->words(), $ask->sources)) }}</span>
            @endif
        </span></a></li>
    @endforeach
    </ul>
</section>
@endif
@if ($questions->states === [] && $worth->asks === [])
<p class="quiet p-4">Nothing is open, and nothing on the plan gives to ask.</p>
@endif
</div>
</div>
