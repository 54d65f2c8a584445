@php($slot = $target->slot)
<div>
    <p class="over"><span>Next move</span><span>{{ $unnamed }} to name</span></p>
    <h2>{{ $waiting ? 'Writing the name to the device' : ($slot->named_at ? 'Rename the '.$slot->title() : 'Name the '.$slot->title()) }}</h2>
    <p class="why">{{ $target->where() }}. The network knows it as <span class="measure">{{ $target->node->address }}</span>.</p>
</div>
@if ($waiting)<p class="note" role="status">“{{ $slot->name }}” is kept here. It counts once the hub has confirmed it; a sleeping device may take its next wake-up.</p>@endif
@foreach ($conflicts as $conflict)<p class="note">{{ $conflict->why }}</p>@endforeach
@if ($bench->mayWork())
<x-form :action="route('jobs.slots.name.update', [$job, $slot])" method="put">
    <input type="hidden" name="lock_version" value="{{ $slot->lock_version }}">
    <label class="field"><span>Name, by the pattern of this job</span><input name="name" value="{{ $value }}" maxlength="64" required></label>
    <div class="thumb"><button class="big" id="big" data-move="name-{{ $slot->key }}" data-key="n">{{ $waiting ? 'Write it again' : ($slot->named_at ? 'Rename it' : 'That is its name') }}</button></div>
</x-form>
@endif
<table class="breakdown">
    <caption class="visually-hidden">What the name becomes elsewhere</caption>
    <tbody>
    <tr><td>Id for programs</td><td class="!whitespace-normal break-all">{{ $proposal->slug }}</td></tr>
    @if ($target->profile->protocol === 'zwave')<tr><td>Z-Wave, 16 bytes each</td><td>{{ $proposal->zwaveName }}<br>{{ $proposal->zwaveLocation }}</td></tr>@endif
    <tr><td>Matter label, 32 bytes</td><td class="!whitespace-normal">{{ $proposal->matter ?? 'nothing fits' }}</td></tr>
    </tbody>
</table>
@if ($then !== [])
<div>
    <p class="over"><span>Then</span></p>
    <ul class="rows">
        @foreach ($then as $card)
        <li><a href="{{ route('jobs.name', [$job, 'next' => $card->key()]) }}">@chip($card->profile->protocol)<span>{{ $proposals[$card->key()]->name }}</span></a></li>
        @endforeach
    </ul>
</div>
@endif
