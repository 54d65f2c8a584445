{{-- $advised: where relays would go --}}
<ul class="rows">
    @foreach ($radio->relayPoints($advised) as $point => $name)
    <li><span>{{ Str::ucfirst($name) }}</span>
        @if ($bench->mayWork())
        <x-form :action="route('jobs.relays.store', $job)" class="end">
            <input type="hidden" name="point" value="{{ $point }}"><input type="hidden" name="protocol" value="{{ $tag }}">
            <input type="hidden" name="lens" value="radio">
            <button class="btn small">Add it</button>
        </x-form>
        @endif
    </li>
    @endforeach
</ul>
