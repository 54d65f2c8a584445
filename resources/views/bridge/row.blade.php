@use('App\Stations\Bridge\Crossings')
@use('Kavvel\Core\Bridging\FormWords')
@use('Kavvel\Core\Bridging\FunctionTable')
@use('Kavvel\Core\Bridging\Response')
@use('Kavvel\Core\Bridging\Wrapper')
@php($names = array_map(fn ($one) => $one->name, $bridging->ecosystems))
@php($removals = $bridging->removals())
@php($shown = $policy === $bridging->policy() ? null : $policy->value)
@php($device = fn ($card) => $bridging->device($card->key()))
<a class="btn plain !justify-start" href="{{ $bench->url(['show' => $shown, 'at' => $shown === null ? null : 'policies']) }}"
    data-key="n">← {{ $shown === null ? 'Back to the move' : 'Back to '.mb_strtolower($policy->words()) }}</a>
<div>
    <p class="over"><span>Paths, {{ mb_strtolower($policy->words()) }}</span><span>{{ count($chosen->cards) === 1 ? ''
        : count($chosen->cards).' alike' }}</span></p>
    <h2>{{ $chosen->title() }}</h2>
</div>
@foreach ($chosen->paths as $path)
@php($ecosystem = $bridging->household->ecosystem($path->want->ecosystem))
<div class="hop-by-hop">
    @php($wrapper = $bridging->wrappers[$path->want->device] ?? null)
    <h3>To {{ $names[$path->want->ecosystem] }}{{ $wrapper === null ? '' : ', as '.$wrapper->wrapping->words() }}
        <span class="quiet">{{ $path->isMet() ? '' : 'not all that is wanted' }}</span></h3>
    <ol class="hops">
        <li><span>{{ Str::ucfirst($chosen->cards[0]->called) }}</span><span class="end quiet">{{
            $chosen->cards[0]->profile->protocol->title() }}</span></li>
        @foreach ($path->way->legs as $leg)
        <li><span>{{ Str::ucfirst($leg->box->name) }}</span><span class="end quiet">{{ FormWords::of($leg->offer->as)
            }}{{ $leg->offer->isCloud ? ', cloud' : '' }}</span></li>
        @endforeach
        <li><span>{{ $names[$path->want->ecosystem] }}</span></li>
    </ol>
    <dl class="facts">
        @if ($wrapper !== null)
        <div><dt>Made by</dt><dd>{{ $bridging->boxName($wrapper->box_key) }}: {{ match (true) {
            ! $wrapper->isMade() => 'not yet',
            $wrapper->threshold() === null => 'begins as '.$wrapper->default_value,
            default => $wrapper->threshold()->words($wrapper->wrapping->unit()),
        } }}</dd></div>
        @endif
        <div><dt>Wanted</dt><dd>{{ $wrapper === null
            ? implode(', ', array_map(FunctionTable::words(...), $path->want->needs))
            : FunctionTable::words($wrapper->wrapping->of()) }}</dd></div>
        <div><dt>Answers in</dt><dd>{{ Response::of($path->way)->words() }} beside its own radio</dd></div>
        <div><dt>Without the internet</dt><dd>{{ match (true) {
            ! $path->way->isLocal => 'it stops',
            $ecosystem->sheet->needsInternet => "{$ecosystem->name} stands still, the path does not",
            default => 'it goes on',
        } }}</dd></div>
        @if ($path->way->legs !== [])
        <div><dt>Hangs on</dt><dd>{{ implode(', ', array_map(fn ($leg) => $leg->box->name, $path->way->legs)) }}</dd></div>
        @endif
        @if ($path->way->isShare())
        @php($fabrics = array_values(array_filter($plan->fabrics, fn ($one) => $one->device === $path->want->device))[0])
        <div><dt>Fabrics</dt><dd>{{ $fabrics->used }} of {{ $fabrics->limit }}</dd></div>
        @endif
    </dl>
    @if ($wrapper !== null)
    <a class="btn" href="{{ $bench->url(['at' => "wrap {$wrapper->id}", 'slot' => null]) }}">{{ $wrapper->wrapping->isMeasured()
        ? 'What was measured' : 'What is made of it' }}</a>
    @endif
    @if ($shown === null)
    @php($removal = $removals[array_search($path, $plan->paths, true)])
    <details id="removal-{{ $path->want->ecosystem }}"><summary>Before it is taken out there</summary>
        @if ($removal->alsoRemoves !== [])
        <p class="note danger">Deleting it in {{ $names[$path->want->ecosystem] }} {{ $ecosystem->sheet->removal->words() }}: {{
            count($removal->alsoRemoves) === 1 ? '1 other goes' : count($removal->alsoRemoves).' others go' }} with it, {{ implode(', ',
            array_map(fn ($key) => $bridging->device($key)->name, $removal->alsoRemoves)) }}.</p>
        @endif
        <p>{{ $removal->how }}</p>
        <p class="quiet">{{ $removal->back }}</p>
    </details>
    @endif
    @if ($path->losses() !== [])
    <ul class="rows losses">
        @foreach ($path->losses() as $loss)
        @php($isWanted = in_array($loss->capability, $path->want->needs, true))
        <li @class(['is-wanted' => $isWanted])><s>{{ FunctionTable::words($loss->capability) }}</s>
            <span>{{ $loss->because($device($chosen->cards[0]), FunctionTable::words($loss->capability)) }}</span></li>
        @endforeach
    </ul>
    @endif
</div>
@endforeach
@foreach ($plan->impossible as $one)
@if (Wrapper::rawOf($one->want->device) === $chosen->cards[0]->key())
@php($unmade = $bridging->wrappers[$one->want->device] ?? null)
@if (in_array($one->want->ecosystem, $chosen->without, true) || $unmade !== null)
<p class="note danger">{{ $names[$one->want->ecosystem] }}: {{ $bridging->because($one) }}</p>
@endif
@if ($bench->mayWork() && $shown === null)
@if ($unmade === null)
@include('bridge.wrap-choice')
@else
<a class="btn" href="{{ $bench->url(['at' => "wrap {$unmade->id}", 'slot' => null]) }}">What was to be made of it</a>
@endif
@endif
@endif
@endforeach
@if (count($chosen->cards) > 1)
<details id="alike"><summary>All {{ count($chosen->cards) }} of them</summary>
<ul class="rows">
    @foreach ($chosen->cards as $card)
    <li><a href="{{ $bench->url(['slot' => $card->key(), 'at' => null]) }}">@chip($card->profile->protocol)<span>{{
        Str::ucfirst($card->calledInRoom()) }}</span></a></li>
    @endforeach
</ul>
</details>
@else
@if (Crossings::places($bridging, $chosen->cards[0]->key()) !== [])
<a class="btn" href="{{ $bench->url(['at' => "cross {$chosen->cards[0]->key()}", 'slot' => null]) }}">Try it from all sides</a>
@endif
<a class="btn" href="{{ $bench->url(['slot' => $chosen->cards[0]->key(), 'at' => null]) }}">Its sheet</a>
@endif
