@php($mayWork = $bench->mayWork())
@php($link = fn (array $change): string => $bench->url(['lens' => 'circuits', ...$change]))
@if ($circuit === null)
@php($remark = $wiring->remarks[0] ?? null)
<div>
    <p class="over"><span>Circuits</span><span>{{ count($wiring->circuits) }} noted</span></p>
    @if ($wiring->circuits === [])
        <h2>Read the board</h2>
        <p class="why">Which breaker feeds what, and what hangs behind it, decides what fits, and what has to be off before anybody opens
            a box.</p>
    @elseif ($remark !== null)
        <h2>{{ $remark->circuit === null ? 'Look for a circuit' : 'Look at “'.$wiring->circuit($remark->circuit)->label.'”' }}</h2>
        <p class="why">{{ $remark->text }}</p>
    @else
        <h2>The register is in order</h2>
        <p class="why">Where its light can be switched is the next question.</p>
    @endif
</div>
@if ($wiring->circuits !== [] && $remark?->circuit !== null)
<div class="thumb"><a class="big" id="big" data-move="circuit-{{ $remark->circuit }}" data-key="n"
    href="{{ $link(['at' => $remark->circuit]) }}">Open it</a></div>
@elseif ($wiring->circuits !== [])
<div class="thumb"><a class="big" id="big" data-move="to-control" data-key="n"
    href="{{ $bench->url(['lens' => 'control']) }}">On to the control of light</a></div>
@endif
@if ($mayWork)
<details id="add-circuit" @if ($wiring->circuits === []) open @endif><summary>Note a circuit</summary>
<x-form :action="route('jobs.circuits.store', $job)">
    @include('survey.wiring.circuit-fields', ['circuit' => null])
    @if ($wiring->circuits === [])
    <div class="thumb"><button class="big" id="big" data-move="first-circuit" data-key="n">Note it</button></div>
    @else
    <button class="btn">Note it</button>
    @endif
</x-form></details>
@endif
@if (count($wiring->remarks) > 1)
<div>
    <h3>To look at</h3>
    <ul class="rows">
        @foreach (array_slice($wiring->remarks, 1) as $one)
        <li>@if ($one->circuit === null)<span>{{ $one->text }}</span>@else<a href="{{ $link(['at' => $one->circuit]) }}"><span><strong>{{
            $wiring->circuit($one->circuit)->label }}</strong><br><span class="quiet">{{ $one->text }}</span></span></a>@endif</li>
        @endforeach
    </ul>
</div>
@endif
@else
@php($core = $circuit->core())
@php($reach = $wiring->reach[$circuit->key] ?? null)
<a class="btn plain !justify-start" href="{{ $link(['at' => null]) }}" data-key="n">← All circuits</a>
<div>
    <p class="over"><span>{{ $circuit->kind->words() }}</span><span>{{ $core->lampCount() === 0 ? ''
        : $core->lampCount().' lamps, '.round($core->lampWatts()).' W' }}</span></p>
    <h2>{{ $circuit->label }}</h2>
</div>
@foreach ($wiring->remarks as $one)
@if ($one->circuit === $circuit->key)
<p class="note">{{ $one->text }}</p>
@endif
@endforeach
@if ($circuit->kind === Kavvel\Core\Circuits\CircuitKind::Light)
    @include('survey.wiring.lamps')
    @if ($reach !== null && $reach->entrances !== [])
    <div>
        <h3>Where its light is switched</h3>
        <ul class="rows">
            @foreach ($reach->entrances as $one)
            <li><a href="{{ $bench->url(['lens' => 'control', 'at' => "{$circuit->key} {$one->room} {$one->opening}"]) }}"><span>{{
                Str::ucfirst($wiring->way($one)) }}</span><span class="end">{{ $wiring->told($circuit->key, $one) }}</span></a></li>
            @endforeach
        </ul>
    </div>
    @endif
    @include('survey.wiring.choice')
@endif
@if ($mayWork)
<details id="edit-circuit"><summary>Change the circuit</summary>
<x-form :action="route('jobs.circuits.update', [$job, $circuit->key])" method="put">
    <input type="hidden" name="lock_version" value="{{ $circuit->lock_version }}">
    @include('survey.wiring.circuit-fields')
    <button class="btn">Save the circuit</button>
</x-form>
<x-form :action="route('jobs.circuits.destroy', [$job, $circuit->key])" method="delete" class="mt-2">
    <button class="btn plain">Take it off the register</button>
</x-form></details>
@endif
@endif
