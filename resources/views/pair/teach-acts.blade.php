@use('Kavvel\Core\Pairing\LearnStep')
@use('Kavvel\Core\Pairing\LearnTalk')
@switch ($device->talk)
@case (LearnTalk::Send)
<x-form :action="route('jobs.slots.keys.signals.store', [$job, $card->slot])">
    <input type="hidden" name="key" value="{{ $key->name }}">
    <button class="btn small" aria-label="Send it: {{ $key->name }}, {{ $card->called }}">Send it</button>
</x-form>
@break
@case (LearnTalk::Listen)
<x-form :action="route('jobs.slots.keys.listening.store', [$job, $card->slot])">
    <input type="hidden" name="key" value="{{ $key->name }}">
    <button class="btn small" aria-label="Listen for it: {{ $key->name }}, {{ $card->called }}">Listen for it</button>
</x-form>
@break
@case (LearnTalk::Listening)
<x-form :action="route('jobs.slots.keys.listening.destroy', [$job, $card->slot])" method="delete">
    <input type="hidden" name="key" value="{{ $key->name }}">
    <button class="btn small" aria-label="Stop listening: {{ $key->name }}, {{ $card->called }}">Stop listening</button>
</x-form>
@break
@case (LearnTalk::Wait)
<span class="quiet">{{ $card->waitsForSender() ? 'Waits for the hub' : 'The hub listens for another key' }}</span>
@break
@default
@foreach (match (true) {
    $device->talk === LearnTalk::ByHand && $step === LearnStep::Learn => ['learnt' => 'It is learnt'],
    $step === LearnStep::TryPreset => ['preset-works' => 'It obeyed', 'preset-fails' => 'It did not'],
    default => ['works' => 'It obeyed', 'fails' => 'It did not'],
} as $act => $words)
<x-form :action="route('jobs.slots.keys.update', [$job, $card->slot])" method="put">
    <input type="hidden" name="key" value="{{ $key->name }}"><input type="hidden" name="learn" value="{{ $act }}">
    <button class="btn small" aria-label="{{ $words }}: {{ $key->name }}, {{ $card->called }}">{{ $words }}</button>
</x-form>
@endforeach
@endswitch
