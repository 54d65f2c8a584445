@php($isLive = collect($box->dead)->contains(fn ($one) => $one->volts >= Kavvel\Core\Fit\Isolation::LIVE_V))
<p class="note danger" role="alert"><strong>{{ $box->stopped }}</strong> Hands off. It is a snag until somebody has found out why.</p>
@if ($isLive)
<p>{{ Str::ucfirst($slot->circuit->breaker ?: 'This breaker') }} does not kill this box. Cover it, switch on again, look which one does, and
    say so: the register is corrected.</p>
<x-form :action="route('jobs.circuits.wrong-breaker.store', [$job, $slot->circuit->key])" class="holds-thumb">
    <input type="hidden" name="slot" value="{{ $key }}">
    <label class="field"><span>It hangs on</span><select name="circuit">
        <option value="{{ $slot->circuit->key }}">{{ $slot->circuit->label }}, at another breaker</option>
        @foreach ($wall->circuits as $one)
        @if ($one->key !== $slot->circuit->key)
        <option value="{{ $one->key }}">{{ $one->label }}{{ $one->breaker === '' ? '' : ", {$one->breaker}" }}</option>
        @endif
        @endforeach
    </select></label>
    <label class="field"><span>The breaker that kills it</span><input name="breaker" maxlength="40" placeholder="breaker 11"></label>
    <div class="thumb"><button class="big" id="big" data-move="breaker-{{ $key }}" data-key="n">This is what feeds it</button></div>
</x-form>
@else
<ul class="rows">
    @foreach (['A borrowed neutral: another circuit comes back through this box.', 'A second feed: timer, boiler, fan, another switch.',
        'Induction from cables beside it: a detector that loads the circuit shows nothing then.'] as $cause)
    <li>{{ $cause }}</li>
    @endforeach
</ul>
@endif
<x-form :action="$act()" class="holds-thumb">
    <input type="hidden" name="act" value="prove-anew"><input type="hidden" name="slot" value="{{ $key }}">
    @if ($isLive)
    <button class="btn">A second source was found and is off: prove it dead anew</button>
    @else
    <div class="thumb"><button class="big" id="big" data-move="anew-{{ $key }}" data-key="n">Found and made off: prove it
        anew</button></div>
    @endif
</x-form>
