@php($own = $work?->locks[$card->person] ?? null)
@include('fit.crew')
@if ($mayWork && $work !== null)
@if (! isset($work->accepted[$card->person]))
<p class="why">Others worked on it. Whoever makes it live looks at every box first, and may do so here.</p>
<x-form :action="$act()" class="holds-thumb">
    <input type="hidden" name="act" value="accept"><input type="hidden" name="slot" value="{{ $key }}">
    <div class="thumb"><button class="big" id="big" data-move="accept-on" data-key="n">I may, and have looked</button></div>
</x-form>
@else
@include('fit.tests', ['all' => Kavvel\Core\Fit\SiteTest::BEFORE, 'when' => 'before it is live', 'tests' => $work->tests])
<x-form :action="$act()" class="holds-thumb">
    <input type="hidden" name="act" value="{{ $own === null ? 'switch-on' : 'unlock' }}"><input type="hidden" name="slot"
        value="{{ $key }}">
    <div class="thumb"><button class="big" id="big" data-move="{{ $own === null ? 'on' : 'unlock' }}-{{ $slot->circuit->key }}"
        data-key="n">{{ $own === null ? 'It is on again' : 'My lock is off' }}</button></div>
</x-form>
@endif
@endif
@include('fit.take-out')
