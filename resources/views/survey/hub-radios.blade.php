{{-- $hub; $lens: where it was said; $isNext: it is the next move --}}
<x-form :action="route('jobs.hubs.radios.update', [$job, $hub->gateway->key])" method="put">
    <input type="hidden" name="lens" value="{{ $lens }}">
    <fieldset class="field"><legend class="quiet">{{ $hub->gateway->name }} speaks</legend>
        @foreach (Kavvel\Core\Protocol\Protocol::paired() as $one)
        <label class="tick"><input type="checkbox" name="speaks_{{ $one->value }}" value="1"
            @checked(in_array($one, $hub->speaks, true)) @disabled($hub->opens($one))> {{ $one->title() }}</label>
        @endforeach
    </fieldset>
    @if ($isNext)
    <div class="thumb"><button class="big" id="big" data-move="radios-{{ $hub->gateway->key }}" data-key="n">Write it down</button></div>
    @else
    <button class="btn">Write it down</button>
    @endif
</x-form>
