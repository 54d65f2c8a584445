@use('Kavvel\Core\Pairing\LearnStep')
@use('Kavvel\Core\Pairing\LearnSchool')
@use('Kavvel\Core\Pairing\LearnTalk')
@php($mayWork = $bench->mayWork())
<div id="pair-teach" data-keeps-scroll tabindex="0" role="group" aria-label="Teach" class="fit-middle">
<div>
    <h2 class="text-xl font-bold">Teach the senders</h2>
    <p class="quiet">One key at a time, each tried at once at the device. A hub that is linked sends and learns itself; what is done
        at another sender is written down here.</p>
</div>
@forelse ($devices as $device)
@php($card = $device->card)
@php($sheet = $device->sheet)
@php($next = $sheet->next())
<section aria-labelledby="teach-{{ $card->key() }}">
    <h3 id="teach-{{ $card->key() }}" class="teach-head">@chip($card->profile->protocol) {{ $card->fullTitle() }}
        <span class="quiet">{{ $sheet->countDone() }} of {{ count($sheet->keys) }} work{{
            $card->isIn() ? ', it is in' : '' }}</span></h3>
    @if ($device->sight !== null && ! $device->sight->isFree() && ! $card->isIn())
    <p class="note">{{ $card->sender()->gateway->name }} does not see it: {{ $device->sight->words() }}. Put a sender where it is seen;
        <a class="underline" href="{{ route('jobs.survey', [$job, 'lens' => 'radio', 'at' => 'ir']) }}">the survey has the
            places</a>.</p>
    @endif
    <ul class="rows teach">
        @foreach ($sheet->keys as $key)
        @php($step = $key->step($sheet->school))
        <li class="{{ $step === LearnStep::Done ? 'is-done' : ($key === $next ? 'is-current' : '') }}">
            <span><strong>{{ $key->name }}</strong>
                @if ($key->toggles) <span class="teach-blind">toggles: it gives no state</span>@endif</span>
            <span class="quiet">{{ match (true) {
                $step === LearnStep::Done => 'works, '.$key->source(),
                $key === $next => $step->sentence($key->name),
                default => $key->source(),
            } }}</span>
            @if ($key === $next)
            @if ($mayWork)
            <div class="teach-acts">
                @include('pair.teach-acts')
                <x-form :action="route('jobs.slots.keys.destroy', [$job, $card->slot])" method="delete">
                    <input type="hidden" name="key" value="{{ $key->name }}">
                    <button class="btn small plain" aria-label="Not used: {{ $key->name }}, {{ $card->called }}">Not used</button>
                </x-form>
            </div>
            @endif
            @if ($device->talk === LearnTalk::Listening)
            <p class="note" role="status">{{ match (true) {
                $card->waitsForSender() => 'Nothing is heard of the hub: the remote waits until it answers again.',
                $device->listening->state === 'opening' => 'The hub is asked to listen.',
                default => "Tap “{$key->name}” on its remote, a hand’s breadth from the hub.",
            } }}
                {{ $device->listening->unclear?->advice() }}</p>
            @elseif ($device->missed !== null)
            <p class="note danger" role="status">{{ $device->missed->state === 'refused' ? $device->missed->reason
                : 'Nothing clear was heard.' }} {{ $device->missed->unclear?->advice() }}</p>
            @endif
            @if ($device->refused !== null)
            <p class="note danger" role="status">It was not sent. {{ $device->refused }}</p>
            @endif
            @endif
        </li>
        @endforeach
    </ul>
    @if ($sheet->stateless() !== [])
    <p class="note">A key for on and off alike does the opposite where nobody knows the state. Two codes, or a plug that meters, give
        one.</p>
    @endif
    @if ($mayWork)
    @if ($sheet->isDone() && ! $card->isIn())
    <x-form :action="route('jobs.slots.hand-pairing.store', [$job, $card->slot])" class="mt-2">
        <input type="hidden" name="station" value="pair"><input type="hidden" name="address" value="">
        <button class="btn">All its keys work: it is in</button>
    </x-form>
    @endif
    <details id="keys-{{ $card->key() }}"><summary>Another key, or another school</summary>
        <x-form :action="route('jobs.slots.keys.store', [$job, $card->slot])" class="teach-add">
            <label class="field"><span>Key of its remote</span><input name="key" maxlength="40" required></label>
            <label class="tick"><input type="checkbox" name="toggles" value="1"><span>It toggles</span></label>
            <button class="btn small">Add it</button>
        </x-form>
        <x-form :action="route('jobs.slots.learn-school.update', [$job, $card->slot])" method="put" class="teach-add">
            <label class="field"><span>School</span><select name="learn_school">
                @foreach (LearnSchool::cases() as $school)
                <option value="{{ $school->value }}" @selected($sheet->school === $school)>{{ Str::ucfirst($school->words()) }}</option>
                @endforeach
            </select></label>
            <span class="quiet">{{ $sheet->school->why() }}</span>
            <button class="btn small">Go by it</button>
        </x-form>
    </details>
    @endif
</section>
@empty
<p class="quiet">Nothing of this house is taught to a sender.</p>
@endforelse
</div>
