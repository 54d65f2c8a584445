<ul class="plain-list grid gap-2">
    @foreach ($wall->circuits as $one)
    @if ($one->key !== $but)
    <li><x-form :action="route('jobs.slots.circuit.update', [$job, $key])" method="put">
        <input type="hidden" name="circuit" value="{{ $one->key }}">
        <button class="btn plain !justify-start">{{ $one->label }} <span class="quiet">{{ $one->breaker }}</span></button>
    </x-form></li>
    @endif
    @endforeach
</ul>
