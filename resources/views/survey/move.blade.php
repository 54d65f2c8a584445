<div>
    <p class="over"><span>Next move</span><span>plan version {{ $version }}</span></p>
    @if ($question)
        <h2>Ask {{ $question->owner }}</h2>
        <p class="why">{{ $question->text }}</p>
    @elseif ($toRaise !== [])
        <h2>{{ $toRaise[0]->move }}</h2>
        <p class="why">{{ $toRaise[0]->text }}</p>
    @elseif ($weak !== [])
        <h2>Look at the {{ $weak[0]->slot->title() }}</h2>
        <p class="why">By the plan it is the weakest of {{ count($weak) }} that would not be accepted.</p>
    @else
        <h2>The plan is ready</h2>
        <p class="why">Every radio has an accepted path by the forecast. Measure before you believe it.</p>
    @endif
</div>
@if ($question)
    <p class="note"><strong>By {{ $question->due_on->format('j F') }}{{ $question->due_on->isPast() && ! $question->due_on->isToday() ? ', which is past' : ($question->due_on->isToday() ? ', today' : ', in '.(int) today()->diffInDays($question->due_on).' days') }}.</strong> Unanswered: {{ $question->otherwise }}</p>
    @if ($bench->mayWork())
    <x-form :action="route('jobs.questions.update', [$job, $question->key])" method="put">
        <label class="field"><span>The answer</span><textarea name="answer" maxlength="500" required></textarea></label>
        <div class="thumb"><button class="big" id="big" data-move="question-{{ $question->key }}" data-key="n">Note the answer</button></div>
    </x-form>
    @endif
@elseif ($toRaise !== [])
    @if ($bench->mayWork())<div class="thumb"><x-form :action="route('jobs.snags.store', $job)" to="#drawer"><input type="hidden" name="slot" value="{{ $toRaise[0]->slot }}"><input type="hidden" name="text" value="{{ $toRaise[0]->text }}"><button class="big" id="big" data-move="finding-{{ $toRaise[0]->slot ?? 'gateway' }}-{{ $toRaise[0]->rank }}" data-key="n">Raise a snag</button></x-form></div>@endif
@elseif ($weak !== [])
    <div class="thumb"><a class="big" id="big" data-move="weak-{{ $weak[0]->key() }}" data-key="n" href="{{ $bench->url(['slot' => $weak[0]->key(), 'storey' => null]) }}" data-opens-slot>Open it</a></div>
@else
    <div class="thumb"><a class="big" id="big" data-move="to-pair" data-key="n" href="{{ route('jobs.pair', $job) }}">On to pairing</a></div>
@endif
<div>
    <h3>Forecast links, over the best path</h3>
    <table class="breakdown"><caption class="visually-hidden">Devices by forecast</caption><tbody>
        @php($firm = max(Kavvel\Core\Radio\Margin::FIRM_DB, $job->acceptance_db))
        @foreach (['firm' => "Firm, {$firm} dB or more", 'sound' => "Sound, {$job->acceptance_db} to {$firm} dB", 'thin' => "Thin, 6 to {$job->acceptance_db} dB", 'lost' => 'Lost, under 6 dB', 'none' => 'No forecast'] as $word => $text)
            @if (($words[$word] ?? 0) > 0)<tr><td>{{ $text }}</td><td>{{ $words[$word] }}</td></tr>@endif
        @endforeach
    </tbody></table>
</div>
@if ($weak !== [])
<ul class="rows">
    @foreach (array_slice($weak, 0, 6) as $card)
    <li><a href="{{ $bench->url(['slot' => $card->key(), 'storey' => null]) }}" data-opens-slot>@chip($card->profile->protocol)<span>{{ $card->fullTitle() }}</span><span class="end measure">{{ Kavvel\Core\Radio\Margin::text($card->forecast->bestDb) }}</span></a></li>
    @endforeach
</ul>
@endif
@if ($findings !== [])
<div>
    <h3>Before any wall is in the way</h3>
    <ul class="rows remedies">
        @foreach ($findings as $finding)
        <li>
            @if ($finding->slot === null)<p><strong>{{ $finding->title }}</strong></p>@else<a href="{{ $bench->url(['slot' => $finding->slot, 'storey' => null]) }}" data-opens-slot><strong>{{ $finding->title }}</strong></a>@endif
            <p class="quiet">{{ $finding->text }}</p>
            @if (! in_array($finding, $toRaise, true))<p class="quiet">A snag was raised for it.</p>
            @elseif ($bench->mayWork())<x-form :action="route('jobs.snags.store', $job)" to="#drawer"><input type="hidden" name="slot" value="{{ $finding->slot }}"><input type="hidden" name="text" value="{{ $finding->text }}"><button class="btn small">Raise a snag</button></x-form>@endif
        </li>
        @endforeach
    </ul>
</div>
@endif
@include('survey.rules')
@if ($bench->mayWork())
    @include('slots.add')
@endif
