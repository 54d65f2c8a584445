<p class="note">Mains work is for people licensed for it where they work. Local code and the maker’s sheet come before anything that stands
    here.</p>
@foreach ($card->cautions as $caution)
<p class="note">{{ $caution }}</p>
@endforeach
<x-form :action="$act()" class="holds-thumb">
    <input type="hidden" name="act" value="accept"><input type="hidden" name="slot" value="{{ $key }}">
    <div class="thumb"><button class="big" id="big" data-move="accept-{{ $key }}" data-key="n">I may, and have read its sheet</button></div>
</x-form>
<p class="quiet">At hand: {{ Str::lcfirst(implode('; ', $card->tools)) }}.</p>
<p class="quiet">{{ $card->stop->minutes }} min in all on this circuit.
    {{ $slot->sheet()->manual === '' ? '' : "Without a network it is worked by {$slot->sheet()->manual}." }}</p>
@include('fit.loads')
@include('fit.box-again')
@include('fit.circuit-again')
