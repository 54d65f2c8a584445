@php($card = $open->card)
@php($slot = $card->slot)
@php($mayWork = $bench->mayWork())
<a class="btn plain !justify-start" href="{{ $bench->url(['slot' => null]) }}" data-key="n">← Back to the move</a>
<div>
    <p class="over"><span>{{ $card->where() }}</span><span>{{ $card->standing()->words() }}</span></p>
    <h2 class="!mb-2"><span class="align-middle">{{ $card->title() }}</span></h2>
    <p class="flex gap-3 items-center">@chip($card->profile->protocol) <span>{{ $card->profile->name }}
        <span class="quiet">{{ $card->profile->model }}</span></span></p>
    @if ($slot->note)
    <p class="quiet">{{ $slot->note }}</p>
    @endif
</div>
@foreach ($open->findings as $finding)
<p class="note danger">{{ $finding->text }}</p>
@endforeach
@include('slots.node')
@include('slots.who')
@includeWhen($open->redo?->before !== null, 'slots.replace')
@include('slots.bridge')
@include('slots.hub')
@include('slots.load')
@include('slots.remote')
@include('slots.by-hand')
@include('slots.reference')
@include('slots.settings')
@include('slots.ladder')
@if ($card->profile->caution !== '')
<p class="note">{{ $card->profile->caution }}</p>
@endif
@include('slots.forecast')
@include('slots.leave')
@includeWhen($open->redo?->before === null, 'slots.replace')
@include('slots.history')
@can('seeSecrets', $job)
    @include('slots.codes')
@endcan
@if ($mayWork)
    <x-later id="edit-slot" :href="route('jobs.forms.edit-slot', [$job, $slot, 'station' => $bench->station])"
        title="Change the plan here"/>
@endif
