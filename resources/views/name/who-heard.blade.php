@use('Kavvel\Core\WhoIsWho\HeardState')
@php($heard = $listened->heard)
@php($listening = $listened->listening)
@php($found = $listened->found())
@php($taken = $listened->taken())
@php($again = $state->asksAgain())
@if ($target->waitsForHub())
<p class="note danger" role="status">Nothing is heard of its hub: trigger it again when the hub is back.</p>
@endif
@if ($state === HeardState::Silent)
<p class="ear" role="status"><span class="ear-mark" aria-hidden="true"></span>{{ $listening->round === 1
    ? 'The hub listens. Only this device, and nothing beside it.' : 'Once more, only this device.' }}</p>
@else
<p class="note {{ $state->isSettled() ? 'done' : '' }}" role="status">{{ match ($state) {
    HeardState::Found => 'It spoke, and no other of its model.',
    HeardState::Right => 'The device that the plan has here spoke: the match is right.',
    HeardState::Once => 'It spoke; it also does so by itself. Once more makes it sure.',
    HeardState::Several => count($heard->fitting).' of its model spoke. Once more tells them apart.',
    HeardState::Taken => "By the plan that was the {$taken?->calledInRoom()}. Was that one touched? If not, the two are mixed up.",
    HeardState::Misfit => 'One of another model spoke.',
    HeardState::Muddled => 'Another one spoke this time than before. Begin again, and touch only this device.',
} }}</p>
@endif
@if ($heard->fitting !== [] || $heard->misfits !== [])
<ul class="rows">
    @foreach ([...$heard->fitting, ...$heard->misfits] as $voice)
    @php($node = $listened->node($voice))
    @php($said = $listened->said($voice))
    <li class="heard-row"><span><span class="measure">{{ $node->address }}</span><br>
        <span class="quiet">{{ $node->model ?? 'model not said' }}, {{ $said->capability }} {{ $said->value }}</span></span>
        <span class="end quiet measure">{{ $said->at->onSite()->format('H:i:s') }}</span>
        @if (in_array($voice, $heard->misfits, true))
        <span class="quiet whole">{{ $listened->objection($voice) }}</span>
        @if ($mayWork && $listened->isPossible($voice) && ! $target->isIn())
        <x-form :action="route('jobs.slots.node.store', [$job, $target->slot])" class="whole">
            <input type="hidden" name="address" value="{{ $node->address }}"><input type="hidden" name="from" value="who">
            <button class="btn small">It belongs here all the same</button>
        </x-form>
        @endif
        @endif
    </li>
    @endforeach
</ul>
@endif
@if ($mayWork)
<div class="thumb">
    @if ($found !== null && ! $target->isIn())
    <x-form :action="route('jobs.listenings.match.store', [$job, $listening->id])">
        <input type="hidden" name="address" value="{{ $found->address }}">
        <button class="big" id="big" data-move="found-{{ $found->id }}-{{ $target->key() }}" data-key="n">Yes, the
            {{ $target->calledInRoom() }}</button>
    </x-form>
    @elseif ($state === HeardState::Right || $found !== null)
    <x-form :action="route('jobs.listenings.destroy', [$job, $listening->id])" method="delete">
        <button class="big" id="big" data-move="right-{{ $target->key() }}" data-key="n">{{ $state === HeardState::Right ? 'It is right'
            : 'Leave it as it is' }}</button>
    </x-form>
    @elseif ($state === HeardState::Silent)
    <button class="big" id="big" data-move="hears-{{ $listening->id }}-{{ $listening->round }}" type="button" aria-disabled="true">The hub
        listens</button>
    @else
    <x-form :action="route('jobs.listenings.update', [$job, $listening->id])" method="put">
        <input type="hidden" name="round" value="{{ $listening->round }}">
        <input type="hidden" name="how" value="{{ $again ? 'again' : 'anew' }}">
        <button class="big" id="big" data-move="again-{{ $listening->id }}-{{ $listening->round }}" data-key="n">{{ $again ? 'Once more'
            : 'Listen again' }}</button>
    </x-form>
    @endif
</div>
@if ($state === HeardState::Taken && $taken !== null)
<x-form :action="route('jobs.slots.node.update', [$job, $target->slot])" method="put">
    <input type="hidden" name="of" value="{{ $taken->key() }}">
    <button class="btn w-full">{{ $target->isIn() ? 'They are mixed up: exchange the two'
        : "No, it is the {$target->calledInRoom()}" }}</button>
</x-form>
@endif
@if ($found !== null && $target->isIn())
<p class="quiet">{{ $found->address }} is nobody’s, and the {{ $target->called }} has a device. Take that one away on its sheet, if it is
    the wrong one; then listen again.</p>
@endif
@if (! $state->isSettled())
<x-form :action="route('jobs.listenings.destroy', [$job, $listening->id])" method="delete">
    <button class="btn w-full">Stop listening</button>
</x-form>
@endif
@endif
