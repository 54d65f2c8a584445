@use('Kavvel\Core\Pairing\PairAct')
@use('Kavvel\Core\Pairing\PairPhase')
@php($slot = $target->slot)
@php($mayWork = $bench->mayWork())
@php($isOpen = $phase->holdsWindow())
@php($heard = $phase->isHeard())
@php($asksForCode = $act === PairAct::GiveCode && $mayWork)
@php($shown = $phase === PairPhase::Offer ? $offer['better'] ?? $target : $target)
<div>
    <p class="over"><span>Next move</span></p>
    <h2>{{ $phase === PairPhase::Offer ? "Is this the {$shown->slot->title()}?" : "Pair the {$slot->title()}" }}</h2>
    <x-tally :tally="$bench->tally()"/>
    <p class="why">{{ $shown->where() }}. {{ $why === '' || $shown !== $target ? '' : $why.'.' }}</p>
</div>
@if (! $isOpen && ! $heard && count($bench->sheet->hubs) > 1 && $target->hub !== null)
<p>Goes to <strong>{{ $target->hub->gateway->name }}</strong>. <span class="quiet">{{ $hubWhy }}</span></p>
@endif
@if ($phase === PairPhase::Offer)
    @include('pair.offer')
@else
    @if ($tookInstead !== null)
    <p class="note danger" role="status">The {{ $tookInstead->slot->title() }} left through that window, not this device: it has to join
        again. Open the next one, and touch only this device.</p>
    @elseif ($exclusion->tookNothing)
    <p class="note danger" role="status">The exclusion window ended, and nothing had left. Bring the device within 2 m of the hub,
        open the next one, and do it again at its pace.</p>
    @endif
    @if ($phase === PairPhase::Idle && $exclusion->leftAt !== null)
    <p class="note done" role="status">It left its old network at {{ $slot->left_at->onSite()->format('H:i') }}: now let it join.</p>
    @endif
    @if ($held !== null && $phase === PairPhase::Idle)
    @include('pair.held')
    @elseif ($phase === PairPhase::Excluding || $exclusion->isFirst)
    @include('pair.excluding')
    @elseif ($act === PairAct::GivePin)
    @include('pair.pin')
    @elseif ($asksForCode)
    @include('pair.code')
    <h3>Then</h3>
    @include('pair.steps')
    @else
    @include('pair.steps')
    @endif
    @if ($phase === PairPhase::Idle && $mayWork && ($target->profile->recipe->variants ?? []) !== [])
    <x-form :action="route('jobs.slots.hardware.update', [$job, $slot])" method="put" class="hardware">
        <label for="hardware">Its revision, on the label</label>
        <select id="hardware" name="hardware"><option value="">another, or not said</option>
            @foreach ($target->profile->recipe->variants as $revision => $variant)
            <option @selected($slot->hardware === $revision)>{{ $revision }}</option>
            @endforeach
        </select>
        <button class="btn small">That is it</button>
    </x-form>
    @endif
    @if ($phase === PairPhase::Idle && $experience[0] !== null)
    <p class="quiet">{{ $target->profile->name }}{{ $experience[1] ? ' at hubs like this one' : '' }}: {{ $experience[0]->words() }}</p>
    @endif
    @if ($hubFirst !== [])
    <p class="note">{{ $target->hub->gateway->name }} lets its first device in here, and {{ count($hubFirst) }} of its sheet are open:
        {{ Str::lcfirst($hubFirst[0]->title()) }}{{ count($hubFirst) === 1 ? '.' : ', and more.' }}</p>
    @endif
    @if ($phase === PairPhase::Idle && $codes->need === Kavvel\Core\Pairing\CodeNeed::Optional && $mayWork && $held === null)
    <details><summary>Scan or type its {{ $target->profile->codeSheet->family->words() }}</summary>
        <p class="quiet mb-2">It joins without, and better with it.</p>
        @include('pair.code')
    </details>
    @endif
    @if ($holder !== null)
    <p class="note" role="status">{{ $holder->user_id === $bench->user->id ? 'You have' : ($holder->user->name ?? 'Somebody').' has' }} the
        {{ $target->profile->protocol->title() }} radio: its window is open for the
        {{ $bench->sheet->cardOfSlot($holder->slot_id)?->called }}. {{ $sharesHolder ? '' : 'One device at a time on each radio.' }}</p>
    @endif
    @if ($window !== null && $window->user_id !== $bench->user->id)
    <p class="quiet" role="status">{{ $window->user->name ?? 'Somebody' }} opened this window.</p>
    @endif
    @if ($phase === PairPhase::Idle && $target->waitsForFitting())
    <p class="note">{{ $target->isHung() ? 'It is not up and taught yet' : 'It is not in the wall yet' }}: it works by hand before its
        radio is asked for.</p>
    @endif
    @if ($target->profile->caution !== '')
    <p class="note">{{ $target->profile->caution }}</p>
    @endif
    @if ($cameBack)
    <p class="note" role="status">The {{ $cameBack->slot->title() }} came back through this window. It is where it was; this device is
        still to come.</p>
    @endif
    @if ($strangers !== [])
    <p class="note" role="status">{{ count($strangers) === 1 ? 'Another device announced too'
        : count($strangers).' other devices announced too' }}:
        <span class="measure">{{ implode(', ', array_column($strangers, 'address')) }}</span>.
        Make sure that only one is waiting to be found.</p>
    @endif
    @if ($notClosed !== null)
    <p class="note danger" role="status">The window was not closed. {{ $notClosed }} It ends by the hub’s own clock; skip this device to
        go on with another.</p>
    @endif
    @if ($refusal !== null)
    <p class="note danger" role="status">The window did not open. {{ $refusal }}</p>
    @endif
    @if ($phase === PairPhase::Failed || $phase === PairPhase::InPart)
    <div class="note danger" role="status"><strong>{{ Str::ucfirst($attempt->failure?->words() ?? $attempt->state->words()) }}</strong>{{
        $attempt->interview_total > 0 ? ", after {$attempt->interview_done} of {$attempt->interview_total} steps" : ''
        }}, at {{ $attempt->ended_at?->onSite()->format('H:i') }}.
        {{ $tries === 1 ? 'Tried once' : "Tried {$tries} times" }}{{ $attempt->missing === [] ? ''
            : '. Missing: '.implode(', ', $attempt->missing) }}.</div>
    @endif
    @if ($causes !== [])
    <div>
        <h3>Try this next</h3>
        <ol class="rows">
            @foreach (array_slice($causes, 0, 3) as $cause)
            <li class="flex-col !items-start !gap-0"><strong>{{ $cause->try }}</strong><span class="quiet">{{ $cause->cause }}</span></li>
            @endforeach
        </ol>
    </div>
    @endif
    @if ($mayWork)
        @include('pair.buttons')
    @endif
    @if ($sharesHolder && $mayWork)
    <x-form :action="route('jobs.windows.slots.store', [$job, $holder->reference])">
        <input type="hidden" name="slot" value="{{ $slot->key }}">
        <button class="btn">Let it in through that window too</button>
    </x-form>
    @endif
@endif
@include('pair.batch')
@if ($isOpen || $heard || $phase === PairPhase::Failed || $phase === PairPhase::InPart)
    @include('pair.far')
@endif
@if ($free->isNotEmpty() && $mayWork && ! $isOpen)
<div>
    <h3>On the network, and nobody’s yet</h3>
    @foreach ($free as $node)
    <x-form :action="route('jobs.slots.node.store', [$job, $slot])" class="mt-2">
        <input type="hidden" name="address" value="{{ $node->address }}">
        <button class="btn plain"><span class="measure">{{ $node->address }}</span> {{ $node->model }}: it is the
            {{ $slot->title() }}</button>
    </x-form>
    @endforeach
</div>
@endif
@if ($toLeave > 0 && ! $isOpen)
<a class="btn plain" href="{{ route('jobs.survey', [$job, 'lens' => 'existing']) }}">{{ $toLeave === 1
    ? 'One '.($held === null ? '' : 'more ').'device found here has to leave first'
    : $toLeave.($held === null ? '' : ' more').' devices found here have to leave first' }}</a>
@endif
@include('pair.then')
@include('pair.by-hand')
