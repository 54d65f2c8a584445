@use('App\Stations\Survey\Radio\RadioNetwork')
@use('Kavvel\Core\Coverage\HubAdvice')
@use('Kavvel\Core\Radio\Margin')
@php($tag = $network->protocol->value)
@php($link = fn (string $more = ''): string => $bench->url(['at' => trim("{$tag} {$more}")]))
@php($now = $radio->find($places, RadioNetwork::NOW))
@php($tried = $radio->find($places, RadioNetwork::TRIED))
@php($advice = $now === null ? null : HubAdvice::of($now, $tried, $places[0]))
@php($offer = $tried ?? ($advice === HubAdvice::Try ? $places[0] : null))
@php($count = count($now->verdicts ?? []))
@php($isBetter = $advice === HubAdvice::Move)
@include('survey.radio.keys', ['chosen' => $network->protocol])
<div>
    <p class="over"><span>{{ $network->protocol->title() }}, forecast</span><span>plan version {{ $job->plan_version }}</span></p>
    @if ($now === null)
        <h2>Straight from the hub</h2>
        <p class="why">{{ $network->protocol->title() }} devices are reached directly. Touch the plan for the margin at a place.</p>
    @elseif ($tried !== null)
        <h2>{{ match (true) {
            $isBetter => 'The hub is better here',
            $now->open === 0 && $tried->open === 0 => 'The hub may stand in either place',
            default => 'The hub is no better here',
        } }}</h2>
        <p class="why">From where it stands, {{ $now->open }} of {{ $count }} devices would not be accepted. From here,
            {{ $tried->open }}.</p>
    @elseif ($advice === HubAdvice::Try)
        <h2>Try the hub elsewhere</h2>
        <p class="why">From where it stands, {{ $now->open }} of {{ $count }} devices would not be accepted.
            From {{ $radio->place($offer) }}, {{ $offer->open }}.</p>
    @elseif ($advice === HubAdvice::Stay)
        <h2>The hub stands well</h2>
        <p class="why">All {{ $count }} devices would be accepted{{ $radio->overRelays($straight) }}. Measure before you believe it.</p>
    @else
        <h2>Leave the hub, add relays</h2>
        <p class="why">{{ $now->open }} of {{ $count }} devices would not be accepted, and no free place for the hub is better.</p>
    @endif
</div>
@if ($offer !== null)
<dl class="evidence plain">
    <div><dt>Now, where it stands</dt><dd>{{ $now->open }} open</dd><dd>{{ $radio->rest($now) }}</dd></div>
    <div><dt>At {{ $radio->place($offer) }}</dt><dd>{{ $offer->open }} open</dd><dd>{{ $radio->rest($offer) }}</dd></div>
</dl>
@if ($offer->gainsOver($now) !== [])
<p><strong>Gained:</strong> {{ $radio->devices($offer->gainsOver($now)) }}.</p>
@endif
@if ($now->gainsOver($offer) !== [])
<p><strong>Lost:</strong> {{ $radio->devices($now->gainsOver($offer)) }}.</p>
@endif
@if ($tried !== null && $bench->mayWork())
<x-form :action="route('jobs.plan-edits.store', $job)">
    <input type="hidden" name="edit" value="move-hub"><input type="hidden" name="hub" value="{{ $network->hub->key() }}">
    <input type="hidden" name="storey" value="{{ $trialStorey }}"><input type="hidden" name="on" value="{{ $storey }}">
    <input type="hidden" name="x" value="{{ round($trial->x, 3) }}"><input type="hidden" name="y" value="{{ round($trial->y, 3) }}">
    <input type="hidden" name="radio" value="{{ $tag }}"><input type="hidden" name="seen" value="{{ $seen }}">
    @if ($isBetter)
    <div class="thumb"><button class="big" id="big" data-move="hub-{{ $tried->open }}" data-key="n">Move it there</button></div>
    @else
    <button class="btn plain">Move it there all the same</button>
    @endif
</x-form>
@if ($isBetter)
<a class="btn plain" href="{{ $link() }}">Leave it where it is</a>
@else
<div class="thumb"><a class="big" id="big" data-move="leave" data-key="n" href="{{ $link() }}">Leave it where it is</a></div>
@endif
@if ($radio->paired() > 0)
<p class="note">{{ $radio->paired() === 1 ? 'One device is' : $radio->paired().' devices are' }} in already: new ways are found without
    help, by sleepy
    ones within a day. Read the mesh anew after it.</p>
@endif
@elseif ($offer !== null)
<div class="thumb"><a class="big" id="big" data-move="try-{{ $offer->id }}" data-key="n"
    href="{{ $link("place:{$offer->id}") }}">Try it there</a></div>
@endif
@endif
@if ($contended > 0)
<p class="note">{{ $contended === 1 ? 'One link is' : "{$contended} links are" }} contended: a busy Wi-Fi network of the room is as loud
    as the device.
    <a href="{{ $bench->url(['lens' => 'channels', 'at' => $tag]) }}">Look at the channel</a></p>
@endif
@if ($touched !== null)
<div>
    <h3>Where you touched: {{ $radio->margin($touched) }}</h3>
    <table class="breakdown"><caption class="visually-hidden">What stands in the way</caption><tbody>
        <tr><td>{{ sprintf('%.1f m of free space', $touched->distanceM) }}</td><td>{{ round($touched->freeSpaceDb) }} dB</td></tr>
        @foreach ($radio->inTheWay($touched) as [$what, $loss])
        <tr><td>{{ Str::ucfirst($what) }}</td><td>{{ $loss }} dB</td></tr>
        @endforeach
        <tr><td>Furniture and people <span class="quiet">(assumed)</span></td><td>{{ round($touched->clutterDb) }} dB</td></tr>
    </tbody></table>
</div>
@endif
@if ($proxies !== null)
<div>
    <h3>Fewest Bluetooth relays</h3>
    <p class="quiet">{{ $proxies->acceptedBefore }} of {{ $proxies->acceptedAfter + count($proxies->open) }} devices are reached from the
        hub itself, or from relays that are planned.
        @if ($proxies->add !== [])
        With {{ count($proxies->add) === 1 ? 'one more that hands on what it hears'
            : count($proxies->add).' more that hand on what they hear' }},
            {{ $proxies->acceptedAfter }}{{ $proxies->isExact ? '' : ', a good choice; not every one was tried' }}.
        @elseif ($proxies->open !== [])
        No relay at a free point with mains would reach another.
        @endif
        Whoever moves the hub moves all of it.</p>
    @include('survey.radio.relay-points', ['advised' => $proxies])
    @if ($proxies->open !== [])
    <p class="note"><strong>Not reached:</strong> {{ $radio->devices($proxies->open) }}.</p>
    @endif
</div>
@endif
@if ($places !== [])
<div>
    <h3>Places for the hub, best first</h3>
    <ul class="rows">
        @foreach ($radio->shown($places) as $place)
        @php($isHere = in_array($place->id, [RadioNetwork::NOW, RadioNetwork::TRIED], true))
        <li><a href="{{ $isHere ? $link() : $link("place:{$place->id}") }}"><span>{{ Str::ucfirst($radio->place($place)) }}</span>
            <span class="end measure">{{ $radio->open($place) }} ·
                {{ $place->meanWeakestDb === null ? '–' : Margin::text($place->meanWeakestDb) }}</span></a></li>
        @endforeach
    </ul>
    @if ($radio->leftOut($places) > 0)
    <p class="quiet">The points that hear the most devices were looked at; {{ $radio->leftOut($places) }} more were not.</p>
    @endif
</div>
@if ($now->open > 0 || $relays !== null)
<div>
    <h3>Or leave it, and add relays</h3>
    @if ($relays === null)
    <a class="btn" href="{{ $link('relays') }}">Work out the fewest</a>
    @elseif ($relays->add === [])
    <p class="quiet">{{ $relays->isExact ? 'No relay at a free point with mains' : 'None of the relays that were tried' }} would have more
        devices accepted.</p>
    @else
    <p class="quiet">{{ $relays->acceptedAfter }} of {{ $count }} accepted with {{ count($relays->add) }}, {{ $relays->acceptedBefore }}
        without.
        {{ $relays->isExact ? 'No smaller choice does as much.' : 'A good choice; not every one was tried.' }}</p>
    @include('survey.radio.relay-points', ['advised' => $relays])
    @if ($relays->open !== [])
    <p class="quiet">Still open: {{ $radio->devices($relays->open) }}.</p>
    @endif
    @endif
</div>
@endif
@endif
<p class="quiet">Touch the plan for the margin there. Drag the hub to try any place.</p>
<details id="by-number"><summary>Try a place by numbers</summary>
<form action="{{ route('jobs.survey', $job) }}" method="get">
    <input type="hidden" name="lens" value="radio"><input type="hidden" name="storey" value="{{ $storey }}">
    <label class="field"><span>Hub at x,y in metres</span><input name="at"
        value="{{ $tag }} hub:{{ $trial === null ? '1.0,1.0' : round($trial->x, 2).','.round($trial->y, 2) }}" maxlength="80"></label>
    <button class="btn">Try it</button>
</form></details>
@if ($bench->mayWork())
<details id="hub-radios"><summary>What {{ $network->hub->gateway->name }} speaks</summary>
@include('survey.hub-radios', ['hub' => $network->hub, 'lens' => 'radio', 'isNext' => false])
</details>
@endif
