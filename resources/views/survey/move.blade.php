@use('Kavvel\Core\Survey\SurveyMove')
@use('Kavvel\Core\Radio\Margin')
<div>
    <p class="over"><span>Next move</span><span>plan version {{ $job->plan_version }}</span></p>
    @switch($kind)
        @case(SurveyMove::Measure)
            <h2>Measure the first room</h2>
            <p class="why">The plan is empty. Draw it room by room, as you measure.</p>
            @break
        @case(SurveyMove::Ask)
            <h2>Ask {{ $questions->next()->question->owner }}</h2>
            <p class="why">{{ $questions->next()->question->text }}</p>
            @break
        @case(SurveyMove::Suggest)
            <h2>{{ $suggestions === 1 ? 'Plan one device' : "Plan {$suggestions} devices" }}</h2>
            <p class="why">What is wanted asks for {{ $suggestions === 1 ? 'it' : 'them' }}, and nothing on the plan does it.</p>
            @break
        @case(SurveyMove::Want)
            <h2>Ask what is wanted</h2>
            <p class="why">The rooms are drawn. What the client wants to do in them decides which devices it takes.</p>
            @break
        @case(SurveyMove::Feed)
            <h2>What does the {{ $loads[0]->called }} feed?</h2>
            <p class="why">Nobody has said what is plugged in there, {{ mb_strtolower($loads[0]->room) }}: whether it may be switched at
                all follows from it.</p>
            @break
        @case(SurveyMove::Plan)
            <h2>Plan the first device</h2>
            <p class="why">What is wanted is noted, and nothing is planned yet.</p>
            @break
        @case(SurveyMove::Hub)
            <h2>Put a hub on the plan</h2>
            <p class="why">Nothing can be forecast before a hub stands somewhere.{{ $bench->mayLead() ? '' : ' A lead puts it there.' }}</p>
            @break
        @case(SurveyMove::Settle)
            <h2>{{ $findings->open[0]->move }}</h2>
            <p class="why">{{ $findings->open[0]->text }}</p>
            @break
        @case(SurveyMove::Look)
            <h2>Look at the {{ $weak[0]->slot->title() }}</h2>
            <p class="why">{{ count($weak) === 1 ? 'By the plan it would not be accepted.'
                : 'By the plan it is the weakest of '.count($weak).' that would not be accepted.' }}</p>
            @break
        @default
            <h2>The plan is ready</h2>
            <p class="why">Every radio has an accepted path by the forecast. Measure before you believe it.</p>
    @endswitch
</div>
@include('survey.act')
@if ($bench->sheet->cards !== [])
    @include('survey.forecasts')
@endif
@include('survey.findings')
@include('survey.rules')
@if ($bench->mayWork() && $kind !== SurveyMove::Measure)
    <x-later id="add-slot" :href="route('jobs.forms.add-slot', [$job, 'storey' => $bench->storey])" title="Plan a device"/>
@endif
