@php($node = $offer['node'])
@php($better = $offer['better'])
@php($chosen = $better ?? $target)
<p class="note done" role="status">{{ $node->model }} joined, all {{ $attempt->interview_total }} steps of the interview answered.
    It can: {{ implode(', ', $node->capabilities) }}.</p>
<p class="quiet measure">{{ $node->address }}</p>
@if ($offer['fit']->objection() !== null)
<p class="note">{{ $offer['fit']->objection() }}
    {{ $better ? "It is what the plan has as the {$better->fullTitle()}."
        : 'Match it only when you know that it belongs here; or change the profile first.' }}</p>
@endif
@if ($mayWork)
<div class="thumb">
    <x-form :action="route('jobs.slots.node.store', [$job, $chosen->slot])">
        <input type="hidden" name="address" value="{{ $node->address }}">
        <button class="big" id="big" data-move="offer-{{ $chosen->key() }}" data-key="n">Yes, the {{ $chosen->slot->title() }}</button>
    </x-form>
</div>
@if ($offer['others'] !== [] || $better)
<h3>Or is it</h3>
@foreach ([...$offer['others'], ...($better ? [$target] : [])] as $other)
<x-form :action="route('jobs.slots.node.store', [$job, $other->slot])">
    <input type="hidden" name="address" value="{{ $node->address }}">
    <button class="btn">{{ $other->fullTitle() }}</button>
</x-form>
@endforeach
@endif
@endif
