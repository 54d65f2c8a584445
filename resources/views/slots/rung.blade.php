@use('Kavvel\Core\Protocol\Joining')
@use('Kavvel\Core\Proving\Outcome')
@use('Kavvel\Core\Proving\Rung')
@php($act = route('jobs.slots.proofs.store', [$job, $slot]))
<div class="mt-2 grid gap-2">
    @if ($proof?->outcome !== Outcome::Passed)
        @if ($rung === Rung::Hub && $card->isLinked() && $card->profile->isActuator())
        <x-form :action="route('jobs.slots.proof-commands.store', [$job, $slot])">
            <input type="hidden" name="station" value="{{ $bench->station }}">
            <button class="btn">Switch it from the hub</button>
        </x-form>
        @elseif (in_array($rung, [Rung::Hand, Rung::Ecosystem], true) || ! $card->isLinked())
        <x-form :action="$act">
            <input type="hidden" name="station" value="{{ $bench->station }}">
            <input type="hidden" name="rung" value="{{ $rung->value }}">
            @if ($rungStep->ecosystem !== '')<input type="hidden" name="ecosystem" value="{{ $rungStep->ecosystem }}">@endif
            <input type="hidden" name="outcome" value="passed">
            <button class="btn">{{ match ($rung) {
                Rung::Hand => 'It works by hand',
                Rung::Radio => match ($open->joining()) {
                    Joining::Window => 'Its controller hears it',
                    Joining::Taught => 'It obeys its remote',
                    Joining::Addressed => 'It answers on its bus',
                },
                Rung::Hub => 'It works from its controller',
                Rung::Ecosystem => "It does from {$rungStep->words()} what is wanted",
            } }}</button>
        </x-form>
        @else
        <p class="quiet">Trigger it: the rung is shown when the hub hears it.</p>
        @endif
    @endif
    <details id="rung-{{ Str::slug($rungStep->key()) }}">
        <summary>{{ $proof === null ? 'It fails, or can’t be tested' : 'It is otherwise' }}</summary>
        @if ($proof?->outcome !== Outcome::Failed)
        <x-form :action="$act">
            <input type="hidden" name="station" value="{{ $bench->station }}">
            <input type="hidden" name="rung" value="{{ $rung->value }}">
            @if ($rungStep->ecosystem !== '')<input type="hidden" name="ecosystem" value="{{ $rungStep->ecosystem }}">@endif
            <label class="field"><span>Because</span><input name="reason" maxlength="200" required></label>
            <div class="pair">
                <button class="btn" name="outcome" value="failed">It fails</button>
                <button class="btn" name="outcome" value="not-tested">Not tested</button>
            </div>
        </x-form>
        @endif
        @if ($proof !== null)
        <x-form :action="route('jobs.slots.proofs.destroy', [$job, $slot])" method="delete" class="mt-2">
            <input type="hidden" name="station" value="{{ $bench->station }}">
            <input type="hidden" name="rung" value="{{ $rung->value }}">
            @if ($rungStep->ecosystem !== '')<input type="hidden" name="ecosystem" value="{{ $rungStep->ecosystem }}">@endif
            <label class="field"><span>Taken back, because</span><input name="reason" maxlength="200" required></label>
            <button class="btn plain">Take it back</button>
        </x-form>
        @endif
    </details>
</div>
