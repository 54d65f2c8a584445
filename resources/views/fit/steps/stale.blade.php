<p>A proof holds for the day on which it was made. Detector, every pair, detector: once more.</p>
<x-form :action="$act()" class="holds-thumb">
    <input type="hidden" name="act" value="prove-anew"><input type="hidden" name="slot" value="{{ $key }}">
    <div class="thumb"><button class="big" id="big" data-move="stale-{{ $key }}" data-key="n">Begin</button></div>
</x-form>
