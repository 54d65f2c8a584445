<div>
    <p class="over"><span>Next move</span></p>
    @if ($bench->sheet->gateway?->url === null)
    <h2>No gateway is linked to this job</h2>
    <p class="why">{{ $elsewhere === [] ? 'Nothing is left to pair.' : count($elsewhere).' devices are paired at their own controller.' }} A lead links a gateway in the job file.</p>
    @else
    <h2>Every device that the hub can pair is in</h2>
    <p class="why">Give them their names, then look at the links.</p>
    @endif
</div>
<div class="thumb"><a class="big" id="big" data-move="to-name" data-key="n" href="{{ route('jobs.name', $job) }}">On to names</a></div>
@if ($elsewhere !== [])
<div>
    <h3>Paired at their own controller</h3>
    <ul class="rows">
        @foreach ($elsewhere as $card)
        <li><a href="{{ $bench->url(['slot' => $card->key(), 'storey' => null]) }}" data-opens-slot>@chip($card->profile->protocol)<span>{{ $card->fullTitle() }}</span></a></li>
        @endforeach
    </ul>
</div>
@endif
