<div>
    <p class="over"><span>Paths</span><span></span></p>
    <h2>Leave out boxes that nobody considers</h2>
    <p class="why">{{ $bridging->trouble }}</p>
</div>
<div class="thumb">
    <a class="big" id="big" data-move="boxes" data-key="n" href="{{ $bench->url(['lens' => 'boxes']) }}">To the boxes</a>
</div>
