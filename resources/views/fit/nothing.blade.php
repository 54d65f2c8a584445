<div>
    <p class="over"><span>Next move</span><span>{{ $wall->fitted() }} of {{ $wall->all() }} in place</span></p>
    <h2>{{ $wall->all() === 0 ? 'Nothing goes into the wall' : 'All of it is in' }}</h2>
    <p class="why">{{ $wall->all() === 0 ? 'No device of this job goes into a box in the wall, and no blind or lock is put up.'
        : 'Everything that goes into the wall is in, blinds and locks are up, and all of it works by hand.' }}</p>
</div>
<div class="thumb"><a class="big" id="big" data-move="to-pair" data-key="n" href="{{ route('jobs.pair', $job) }}">On to pairing</a></div>
