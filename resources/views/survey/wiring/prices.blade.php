<details id="prices"><summary>What things cost here</summary>
<x-form :action="route('jobs.prices.update', $job)" method="put">
    <input type="hidden" name="lens" value="{{ $lens }}"><input type="hidden" name="at" value="{{ $at }}">
    <div class="two">
        @foreach ($shown as $name => $label)
        <label class="field"><span>{{ $label }}</span><input name="{{ $name }}" inputmode="decimal" maxlength="9"
            value="{{ $prices->get($name) }}" required></label>
        @endforeach
    </div>
    <button class="btn">Save the prices</button>
    <p class="quiet mt-2">In the currency of the job. Until somebody says so, they are what things often cost.</p>
</x-form></details>
