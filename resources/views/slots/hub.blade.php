@use('Kavvel\Core\Pairing\HubReason')
@php($hubs = array_filter($bench->sheet->hubs, fn ($hub) => $hub->offer()->maySpeak($card->profile->protocol)))
@if (! $card->isIn() && ! $card->isBehindBridge() && count($bench->sheet->hubs) > 1)
<p>@if ($card->hub)Goes to <strong>{{ $card->hub->gateway->name }}</strong>.@endif
    <span class="quiet">{{ $open->hubChoice->words() }}</span></p>
@if ($mayWork && ($hubs !== [] || $open->hubChoice->reason === HubReason::Chosen))
<details id="hub"><summary>Send it to another hub</summary>
    <x-form :action="route('jobs.slots.hub.update', [$job, $slot])" method="put">
        <input type="hidden" name="station" value="{{ $bench->station }}">
        <label class="field"><span>Hub</span><select name="hub">
            <option value="">the one that suits</option>
            @foreach ($hubs as $hub)
            <option value="{{ $hub->key() }}" @selected($open->hubChoice->reason === HubReason::Chosen && $hub === $card->hub)>{{
                $hub->gateway->name }}{{ $hub->opens($card->profile->protocol) ? '' : ' (paired at the hub itself)' }}</option>
            @endforeach
        </select></label>
        <button class="btn">Send it there</button>
    </x-form>
</details>
@endif
@endif
