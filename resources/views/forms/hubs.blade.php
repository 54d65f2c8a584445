<x-form-page title="Hubs and archive" :job="$job">
@foreach ($hubs as $hub)
<div class="mb-4">
    <h3 class="font-semibold">{{ $hub->name }}</h3>
    <p class="quiet mb-2">{{ $hub->networks->map(fn ($network) => $network->protocol->title())->implode(', ') ?: 'No radios known yet' }} ·
        {{ $hub->url === null ? 'no link' : ($hub->silentSince()
            ? 'linked, and silent since '.$hub->silentSince()->onSite()->format('H:i').'. '.$hub->silent_because
            : 'linked, and answers') }}</p>
    @if ($hub->url === null)
    <x-form :action="route('jobs.hubs.update', [$job, $hub->key])" method="put" class="grid md:grid-cols-[1fr_1fr_12rem] gap-x-4 items-end">
        <label class="field"><span>Address of its link</span>
            <input name="url" placeholder="http://192.0.2.10:8080" autocomplete="off" required></label>
        <label class="field"><span>Token</span><input name="token" type="password" autocomplete="off" required></label>
        <button class="btn mb-2.5">Link {{ $hub->name }}</button>
    </x-form>
    @else
    <x-form :action="route('jobs.hubs.destroy', [$job, $hub->key])" method="delete">
        <button class="btn small plain">Take the link off {{ $hub->name }}</button></x-form>
    @endif
</div>
@endforeach
@if ($setAside->isNotEmpty())
<h3 class="font-semibold mt-4">Said by a hub, and not understood</h3>
<ul class="rows mb-4">
    @foreach ($setAside as $event)
    <li>
        <span>{{ $event->gateway->name }}, {{ $event->at->onSite()->format('j M, H:i') }}: <span
            class="measure">{{ $event->type ?: 'no type' }}</span><br><span class="quiet">{{ $event->set_aside }}</span></span>
        <x-form :action="route('jobs.gateway-events.update', [$job, $event->id])" method="put" class="end">
            <button class="btn small">Try again</button></x-form>
    </li>
    @endforeach
</ul>
@endif
@if ($rooms->isEmpty())
<p class="quiet">A hub needs a room to stand in: measure one first.</p>
@else
<x-form :action="route('jobs.hubs.store', $job)" class="grid md:grid-cols-[1fr_1fr_12rem] gap-x-4 items-end">
    <label class="field"><span>Another hub, called</span><input name="name" maxlength="80" required></label>
    <label class="field"><span>stands in</span><select name="room">
        @foreach ($rooms as $room)
        <option value="{{ $room->key }}">{{ $room->name }}</option>
        @endforeach
    </select></label>
    <button class="btn mb-2.5">Put it on the plan</button>
</x-form>
@endif
<x-form :action="route('jobs.archive.update', $job)" method="put" class="mt-4">
    <button class="btn plain">Archive {{ $job->name }}</button></x-form>
</x-form-page>
