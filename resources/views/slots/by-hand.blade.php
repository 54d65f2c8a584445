@use('Kavvel\Core\Protocol\Joining')
@if ($open->isPutInByHand() && $mayWork)
@php($protocol = $card->profile->protocol->title())
<div>
    <h3>Put in by hand</h3>
    <p class="quiet mb-2">{{ match ($open->joining()) {
        Joining::Window => "No hub opens a window for {$protocol} over its link. Pair it at its own controller, "
            .'then write down what it is called there.',
        Joining::Taught => "Nothing reports that it is in. Teach it to its sender, try it, then write down what sends to it.",
        Joining::Addressed => "Address it with the tool of its bus, then write down its address.",
    } }}</p>
    @if ($open->joining() === Joining::Taught)
    <a class="btn mb-2" href="{{ route('jobs.pair', [$job, 'lens' => 'teach']) }}">Teach its keys</a>
    @elseif ($open->joining() === Joining::Addressed)
    <a class="btn mb-2" href="{{ route('jobs.pair', [$job, 'lens' => 'bus']) }}">Listen to its bus</a>
    @endif
    <x-form :action="route('jobs.slots.hand-pairing.store', [$job, $slot])">
        <input type="hidden" name="station" value="{{ $bench->station }}">
        <label class="field"><span>{{ $open->joining() === Joining::Taught ? 'What sends to it (may be left out)'
            : 'Its address there' }}</span>
            <input name="address" value="{{ $open->busAddress }}" maxlength="40" autocomplete="off" spellcheck="false"
                @required($open->joining() === Joining::Window)></label>
        <button class="btn">It is in</button>
    </x-form>
</div>
@endif
