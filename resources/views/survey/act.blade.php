@use('Kavvel\Core\Survey\SurveyMove')
@php($mayWork = $bench->mayWork())
@if ($kind === SurveyMove::Measure && $mayWork)
<div class="thumb"><a class="big" id="big" data-move="measure" data-key="n"
    href="{{ $bench->url(['lens' => 'rooms']) }}">Draw the rooms</a></div>
@elseif ($kind === SurveyMove::Ask)
    @include('survey.questions.answer', ['state' => $questions->next(), 'row' => $questions->rows[$questions->next()->question->key]])
@elseif ($kind === SurveyMove::Suggest || $kind === SurveyMove::Want && $mayWork)
<div class="thumb"><a class="big" id="big" data-move="{{ $kind->value }}" data-key="n"
    href="{{ $bench->url(['lens' => 'wants']) }}">{{ $kind === SurveyMove::Want ? 'Note the wants' : 'See them' }}</a></div>
@elseif ($kind === SurveyMove::Feed)
<div class="thumb"><a class="big" id="big" data-move="feed-{{ $loads[0]->key() }}" data-key="n"
    href="{{ $bench->url(['slot' => $loads[0]->key(), 'storey' => null]) }}" data-opens-slot>Write it down</a></div>
@elseif ($kind === SurveyMove::Plan && $mayWork)
<div class="thumb"><a class="big" id="big" data-move="plan" data-key="n"
    href="{{ route('jobs.forms.add-slot', [$job, 'storey' => $bench->storey]) }}" hx-boost="false"
    data-opens="add-slot">Plan a device</a></div>
@elseif ($kind === SurveyMove::Hub && $bench->mayLead())
<x-form :action="route('jobs.hubs.store', $job)">
    <input type="hidden" name="from" value="survey">
    <label class="field"><span>Called</span><input name="name" value="Hub" maxlength="80" required></label>
    <label class="field"><span>stands in</span><select name="room">
        @foreach ($bench->sheet->geometry->rooms as $room)
        <option value="{{ $room['key'] }}">{{ $bench->sheet->geometry->roomTitle($room) }}</option>
        @endforeach
    </select></label>
    <div class="thumb"><button class="big" id="big" data-move="hub" data-key="n">Put it there</button></div>
</x-form>
@elseif ($kind === SurveyMove::Settle && $mayWork)
@php($finding = $findings->open[0])
<div class="thumb"><x-raise-snag :job="$job" :slot-key="$finding->slot" :text="$finding->text" class="big" id="big"
    data-move="finding-{{ $finding->slot ?? 'hub' }}-{{ $finding->rank }}" data-key="n"/></div>
@elseif ($kind === SurveyMove::Look)
<div class="thumb"><a class="big" id="big" data-move="weak-{{ $weak[0]->key() }}" data-key="n"
    href="{{ $bench->url(['slot' => $weak[0]->key(), 'storey' => null]) }}" data-opens-slot>Open it</a></div>
@elseif ($kind === SurveyMove::GoOn)
<div class="thumb"><a class="big" id="big" data-move="to-pair" data-key="n" href="{{ route('jobs.pair', $job) }}">On to pairing</a></div>
@endif
