{{-- Who relies on the circuit being off: a second person sees it before anything else. --}}
@php($others = $work === null ? [] : $work->othersThan($card->person))
@if ($work?->isOff() === true && $others !== [])
<div class="note" role="status"><strong>“{{ $slot->circuit->label }}” is off</strong> since {{ $work->off->at->format('H:i') }}, by
    {{ $work->off->by }}.
    @foreach ($work->openBoxes() as $open => $one)
    {{ $one->opened->by }} has the box of the {{ $wall->title((string) $open) }} open.
    @endforeach
    @if ($work->locks !== [])
    Locked by {{ implode(' and ', array_keys($work->locks)) }}.
    @endif
</div>
@endif
