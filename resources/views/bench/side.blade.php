<section class="side" id="move" aria-label="{{ $bench->open === null && $bench->stack === [] ? 'The next move' : 'Slot' }}" tabindex="-1">
    @foreach ($bench->away as $away)
    <p class="note danger" role="status">{{ $away->words() }}</p>
    @endforeach
    @foreach ($bench->sheet->silentHubs() as $hub)
    <p class="note danger" role="status">
        @if ($hub->gateway->silent_because === null)
        {{ $hub->gateway->name }} has not answered since {{ $hub->silentSince()->onSite()->format('H:i') }}.
        @else
        {{ $hub->gateway->name }} says nothing usable since {{ $hub->silentSince()->onSite()->format('H:i') }}.
        {{ $hub->gateway->silent_because }}
        @endif
        What needs its radio waits; the rest goes on.
    </p>
    @endforeach
    @if (session('notice') && request()->headers->has('HX-Request'))
    <p class="note danger" role="alert">{{ session('notice') }}</p>
    @endif
    @if ($errors->any())
    <p class="note danger" role="alert">{{ collect($errors->getMessages())->except('meant')->flatten()->implode(' ') }}</p>
    @endif
    @if (session('saved'))
    <p class="saved" role="status">{{ session('saved') }}</p>
    @endif
    @if (session('removed'))
    <x-form :action="route('jobs.slots.restore', [$job, session('removed')])" method="put">
        <button class="btn">Put it back on the plan</button>
    </x-form>
    @endif
    @if ($bench->open !== null)
        @include('slots.sheet', ['open' => $bench->open])
    @elseif ($bench->stack !== [])
        @include('slots.stack', ['cards' => $bench->stack])
    @else
        @include($bench->move->view, ($bench->move->data)())
    @endif
</section>
