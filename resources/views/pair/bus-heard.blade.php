@php($isListening = $wired->bus->isListening())
@php($lines = $wired->heard())
@php($window = $wired->bus->listening)
@if ($wired->hub === null)
<p class="note">No hub hears this bus over its link: operate each control point, and put its device in by hand.</p>
@else
<section class="bus-ear" aria-labelledby="bus-ear">
    <h3 id="bus-ear" class="teach-head">{{ match (true) {
        $window?->state === 'opening' => "{$wired->hub->gateway->name} is asked to listen",
        $isListening => "{$wired->hub->gateway->name} listens until {$window->closes_at?->onSite()->format('H:i')}",
        default => 'What is said on it',
    } }}
        <span class="quiet">{{ $isListening && $window->user !== null ? $window->user->name : '' }}</span></h3>
    @if ($wired->hub->silentSince() !== null)
    <p class="note danger" role="status">Nothing is heard of {{ $wired->hub->gateway->name }} itself: its power, its network. What is said
        on the bus meanwhile is lost.</p>
    @elseif ($isListening && $lines === [])
    <p class="note" role="status">Press a key, walk past a sensor: what it says stands here at once.</p>
    @elseif ($window?->state === 'refused')
    <p class="note danger" role="status">It does not listen. {{ $window->reason }}</p>
    @elseif (! $isListening && $lines === [])
    <p class="quiet">Let it listen, and go from key to key: each that is operated is named here, and let in with one touch.</p>
    @endif
    @if ($lines !== [])
    <ul class="rows bus-heard">
        @foreach ($lines as $line)
        <li class="{{ $line->candidates !== [] ? 'is-current' : '' }}">
            <span class="measure">{{ $line->address() }}</span>
            <div class="tray-what"><span><strong>{{ $line->point?->name() ?? 'Not in the project' }}</strong>
                “{{ $line->telegram->value }}”</span>
                <span class="quiet">{{ $line->whenAndWho() }}</span></div>
            @if ($mayWork && $line->candidates !== [])
            <x-form :action="route('jobs.bus.devices.store', $job)" class="tray-whose">
                <input type="hidden" name="point" value="{{ $line->point->name() }}">
                @if ($line->card !== null)
                <input type="hidden" name="slot" value="{{ $line->card->key() }}">
                <button class="btn">Yes, the {{ $line->card->called }}</button>
                @else
                <label class="visually-hidden" for="heard-{{ $loop->iteration }}">Which planned device said it</label>
                <select id="heard-{{ $loop->iteration }}" name="slot"><option value="">which device?</option>
                    @foreach ($line->candidates as $device)
                    <option value="{{ $device->key() }}">{{ $device->fullTitle() }}</option>
                    @endforeach
                </select>
                <button class="btn">It is in</button>
                @endif
            </x-form>
            @else
            <span class="quiet">{{ match (true) {
                $line->point === null => 'a newer project, or an older one in the device',
                $line->card?->isIn() === true => 'the '.$line->card->called.', it is in',
                default => '',
            } }}</span>
            @endif
        </li>
        @endforeach
    </ul>
    @endif
    @if ($mayWork)
    <div class="bus-acts">
        @if ($isListening)
        <x-form :action="route('jobs.bus.listening.destroy', $job)" method="delete">
            <button class="btn small">Stop listening</button></x-form>
        <span class="quiet">What is switched from here is switched in the house: see first that nobody works at it.</span>
        @elseif ($wired->hub->silentSince() === null)
        <x-form :action="route('jobs.bus.listening.store', $job)"><button class="btn">Listen to the bus</button></x-form>
        @endif
    </div>
    @endif
    @if ($isListening)
    <details id="bus-causes"><summary>It was operated, and nothing is heard</summary>
        <ol class="bus-causes">
            @foreach ($wired->causes() as $cause)
            <li><strong>{{ $cause->words() }}.</strong> {{ $cause->try() }}</li>
            @endforeach
        </ol>
    </details>
    @endif
</section>
@endif
