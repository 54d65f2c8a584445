@use('Kavvel\Core\Fit\WorkStep')
@php([$say, $hint] = match ($step) {
    WorkStep::SwitchOff => [Str::ucfirst($slot->circuit->breaker ?: 'The breaker').' is off', ''],
    WorkStep::Lock => ['My lock is on', 'Your own lock, its key in your pocket: nobody else takes it off.'],
    default => ['My tag hangs there', 'Name, day, and what is worked on.'],
})
@if ($slot->fit->twoWayTest()?->side() !== null && $step === WorkStep::SwitchOff)
<p class="note done">{{ $slot->fit->twoWayTest()->words() }}</p>
@endif
@if ($hint !== '')
<p class="quiet">{{ $hint }}</p>
@endif
<x-form :action="$act()" class="holds-thumb">
    <input type="hidden" name="act" value="{{ $step->value }}"><input type="hidden" name="slot" value="{{ $key }}">
    <div class="thumb"><button class="big" id="big" data-move="{{ $step->value }}-{{ $key }}" data-key="n">{{ $say }}</button></div>
</x-form>
