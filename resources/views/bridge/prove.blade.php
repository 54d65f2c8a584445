@use('App\Stations\Bridge\Crossings')
@use('Kavvel\Core\Bridging\Wrapper')
@php($card = $bridging->card($proving->want->device))
@php($ecosystem = $bridging->ecosystems[$proving->want->ecosystem])
@php($trial = $bridging->trial($proving))
@php($linked = count(array_filter($plan->paths, fn ($path) => $bridging->isLinked($path))))
<div>
    <p class="over"><span>{{ $ecosystem->name }}</span><span>{{ $bridging->countProved() }} of {{ $linked }} linked are proved</span></p>
    <h2>{{ $trial->say }}</h2>
    <p class="why">{{ Str::ucfirst($trial->see) }}. Go by the eye on the device, and not by the screen alone.</p>
</div>
@if ($bench->mayWork())
@php($act = route('jobs.slots.proofs.store', [$job, $card->slot]))
@php($fields = ['rung' => 'ecosystem', 'ecosystem' => Wrapper::rung($proving->want->device, $ecosystem->key), 'from' => 'bridge'])
<x-form :action="$act">
    @foreach ($fields as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
    <input type="hidden" name="outcome" value="passed">
    <div class="thumb"><button class="big" id="big" data-move="prove-{{ $card->key() }}-{{ $ecosystem->key }}"
        data-key="n">It does</button></div>
</x-form>
<details id="prove-otherwise" @if ($errors->any()) open @endif><summary>It does not, or can’t be tried</summary>
<x-form :action="$act">
    @foreach ($fields as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
    <label class="field"><span>Because</span><input name="reason" maxlength="200" required></label>
    <div class="pair">
        <button class="btn" name="outcome" value="failed">It fails</button>
        <button class="btn" name="outcome" value="not-tested">Not tested</button>
    </div>
</x-form>
</details>
@endif
@if (Crossings::places($bridging, $card->key()) !== [])
<a class="btn" href="{{ $bench->url(['at' => "cross {$card->key()}", 'slot' => null]) }}">Try it from all sides</a>
@endif
@php($below = $card->ladder->fault())
@if ($below !== null)
<p class="note danger">{{ $below->words() }} failed before: the fault lies there, and not at {{ $ecosystem->name }}.</p>
@endif
<div>
    <h3>Its path</h3>
    <ol class="hops">
        <li><span>{{ Str::ucfirst($card->called) }}</span><span class="end quiet">{{ $card->profile->protocol->title() }}</span></li>
        @foreach ($proving->way->legs as $leg)<li><span>{{ Str::ucfirst($leg->box->name) }}</span></li>@endforeach
        <li><span>{{ $ecosystem->name }}</span></li>
    </ol>
</div>
@include('bridge.left-over')
