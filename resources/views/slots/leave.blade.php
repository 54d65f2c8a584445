@php($way = $open->wayOut())
@if ($way !== null)
<details id="leave" @if ($slot->leave_refused !== null) open @endif><summary>Take it out of the network</summary>
    @if ($slot->leave_refused !== null)
    <p class="note danger" role="status">The hub did not let it go. {{ $slot->leave_refused }} Try it again, or reset the device as its
        recipe says and take it away here.</p>
    @endif
    @if ($open->hangingOn > 0)
    <p class="note danger">{{ $open->hangingOn === 1 ? 'One device reaches' : $open->hangingOn.' devices reach' }} the hub
        through it: they lose their way until they find another.</p>
    @endif
    @foreach ($way->cautions as $caution)
    <p class="note">{{ $caution }}</p>
    @endforeach
    <ol class="rows steps">
        @foreach ($way->steps as $step)
        <li><span class="n">{{ $loop->iteration }}</span><span>{{ $step }}</span></li>
        @endforeach
    </ol>
    @if ($mayWork && $card->isLinked())
    <x-form :action="route('jobs.slots.departure.store', [$job, $slot])">
        <button class="btn">{{ $open->isExcluded() ? 'Open the exclusion window' : 'Let the hub take it out' }}</button>
    </x-form>
    @endif
</details>
@endif
