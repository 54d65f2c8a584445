<div>
    <p class="over"><span>Radio forecast</span></p>
    <h2>{{ $hasSlots ? 'Put a hub on the plan' : 'Plan the first device' }}</h2>
    <p class="why">{{ $hasSlots ? 'Nothing can be forecast before a hub stands somewhere: a lead puts it on the plan.'
        : 'Nothing can be forecast before there is a device with a radio on the plan.' }}</p>
</div>
<a class="btn" href="{{ $bench->url(['lens' => null]) }}">To the devices</a>
