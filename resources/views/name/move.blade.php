@php($slot = $target->slot)
<div>
    <p class="over"><span>Next move</span><span>{{ $unnamed }} to name</span></p>
    <h2>{{ $waiting ? 'Writing the name to the device' : ($slot->named_at ? 'Rename the '.$slot->title()
        : 'Name the '.$slot->title()) }}</h2>
    <x-tally :tally="$bench->tally()"/>
    <p class="why">{{ $target->where() }}. The network knows it as <span class="measure">{{ $target->node->address }}</span>.</p>
</div>
@if ($slot->name_refused)
<p class="note danger" role="status">“{{ $slot->name }}” is kept here, and is not on the device. {{ $slot->name_refused }} Write it again
    when the hub is back.</p>
@elseif ($waiting)
<p class="note" role="status">“{{ $slot->name }}” is kept here. It counts once the hub has confirmed it; a sleeping device may take its
    next wake-up.</p>
@endif
@if ($bench->mayWork())
<x-form :action="route('jobs.slots.name.update', [$job, $slot])" method="put">
    <input type="hidden" name="lock_version" value="{{ $slot->lock_version }}">
    <label class="field"><span>Name, by the pattern of this job</span>
        <input name="name" value="{{ $judgement->name->name }}" maxlength="64" required
            hx-get="{{ route('jobs.slots.name.show', [$job, $slot]) }}" hx-trigger="input changed delay:250ms" hx-target="#judgement"
            hx-select="unset" hx-swap="innerHTML" hx-push-url="false" hx-sync="this:replace"></label>
    <div class="thumb"><button class="big" id="big" data-move="name-{{ $slot->key }}" data-key="n">{{
        $waiting || $slot->name_refused ? 'Write it again' : ($slot->named_at ? 'Rename it' : 'That is its name') }}</button></div>
</x-form>
@endif
@if ($bench->mayWork() && $slot->name_before !== null && $slot->name_before !== $slot->name)
<x-form :action="route('jobs.slots.name.update', [$job, $slot])" method="put">
    <input type="hidden" name="lock_version" value="{{ $slot->lock_version }}">
    <input type="hidden" name="name" value="{{ $slot->name_before }}">
    <button class="btn w-full">Call it “{{ $slot->name_before }}” again</button>
</x-form>
@endif
<div id="judgement" class="grid gap-3" aria-live="polite">
    @include('name.judgement')
</div>
@if ($kept !== [])
<div>
    <h3>Kept here, and not on the device</h3>
    <ul class="rows">
        @foreach ($kept as $card)
        <li><a href="{{ route('jobs.name', [$job, 'next' => $card->key()]) }}">
            @chip($card->profile->protocol)<span>{{ $card->slot->name }}<br>
                <span class="quiet">{{ $card->slot->name_refused }}</span></span>
        </a></li>
        @endforeach
    </ul>
</div>
@endif
@if ($then !== [])
<div>
    <p class="over"><span>Then</span></p>
    <ul class="rows">
        @foreach ($then as $card)
        <li><a href="{{ route('jobs.name', [$job, 'next' => $card->key()]) }}">
            @chip($card->profile->protocol)<span>{{ $names[$card->key()] }}</span></a></li>
        @endforeach
    </ul>
</div>
@endif
