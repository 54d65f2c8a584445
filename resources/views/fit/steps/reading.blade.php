@use('Kavvel\Core\Fit\WorkStep')
@php($isDead = $step === WorkStep::ReadDead)
@php($left = $isDead ? count($work->record($key)->missing()) : 0)
<x-form :action="$act()" data-keypad class="holds-thumb">
    <input type="hidden" name="act" value="{{ $step->value }}"><input type="hidden" name="slot" value="{{ $key }}">
    @if ($isDead)
    <input type="hidden" name="a" value="{{ $pair[0] }}"><input type="hidden" name="b" value="{{ $pair[1] }}">
    @endif
    <label class="field"><span>Volts{{ $isDead ? ", {$left} ".($left === 1 ? 'pair' : 'pairs').' to go' : '' }}</span>
        <input class="reading" name="volts" inputmode="decimal" maxlength="6" autocomplete="off" required></label>
    <div class="keypad" role="group" aria-label="Digits">
        @foreach (['1', '2', '3', '4', '5', '6', '7', '8', '9', '.', '0'] as $digit)
        <button class="btn" type="button" data-digit="{{ $digit }}">{{ $digit }}</button>
        @endforeach
        <button class="btn" type="button" data-digit="" aria-label="Clear">×</button>
    </div>
    <div class="thumb"><button class="big" id="big" data-move="{{ $step->value }}-{{ $isDead ? implode('-', $pair) : $key }}"
        data-key="n">{{ $isDead ? 'Write the reading down' : 'Read live' }}</button></div>
</x-form>
@if (! $isDead)
@include('fit.circuit-unfed')
@endif
