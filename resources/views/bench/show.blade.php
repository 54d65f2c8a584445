@php($job = $bench->sheet->job)
<x-layouts.page :title="$bench->station->title().', '.$job->name" :user="$bench->user">
<a class="skip" href="#move">To the next move</a>
@fragment('bench')
<div id="bench" class="bench" data-live="{{ $bench->move->isLive ? 'yes' : 'no' }}" data-live-url="{{ $bench->liveUrl }}" hx-boost="true" hx-target="#bench" hx-select="#bench" hx-swap="outerHTML">
    @include('bench.line')
    @include('bench.top')
    <main class="contents">
    @include('bench.stage')
    <section class="side" id="move" aria-label="{{ $bench->open === null && $bench->stack === [] ? 'The next move' : 'Slot' }}" tabindex="-1">
        @if ($since = $bench->sheet->gateway?->silentSince())
            <p class="note danger" role="status">{{ $bench->sheet->gateway->name }} has not answered since {{ $since->onSite()->format('H:i') }}. What needs the radio waits; the rest goes on.</p>
        @endif
        @if (session('notice') && request()->headers->has('HX-Request'))<p class="note danger" role="alert">{{ session('notice') }}</p>@endif
        @if ($errors->any())<p class="note danger" role="alert">{{ implode(' ', $errors->all()) }}</p>@endif
        @if ($bench->open !== null)
            @include('slots.sheet', ['open' => $bench->open])
        @elseif ($bench->stack !== [])
            @include('slots.stack', ['cards' => $bench->stack])
        @else
            @include($bench->move->view, ($bench->move->data)())
        @endif
    </section>
    </main>
    <nav class="faces" aria-label="What is on screen">
        <button type="button" data-show="move">Move</button><button type="button" data-show="plan">Plan</button><button type="button" data-show="list">List</button>
    </nav>
</div>
@endfragment
</x-layouts.page>
