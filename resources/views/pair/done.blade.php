<div>
    <p class="over"><span>Next move</span></p>
    <h2>Every device that the hub can pair is in</h2>
    <p class="why">Give them their names, then look at the links.</p>
</div>
<div class="thumb"><a class="big" data-move="to-name" data-key="n" href="{{ route('jobs.name', $job) }}">On to names</a></div>
@include('pair.elsewhere')
