@php($mayLead = $bench->mayLead())
<div>
    <p class="over"><span>Next move</span><span>{{ $proved }} done, {{ $in }} in, {{ $planned }} planned</span></p>
    @if ($making)
        <h2>Pack {{ $making->number }} is being made</h2>
        <p class="why">{{ Str::ucfirst($making->step ?? 'waiting for its turn') }}. You can go on; it ends by itself.</p>
    @elseif ($snag)
        <h2>Settle {{ $snags === 1 ? 'the last snag' : 'a snag' }}</h2>
        <p class="why">{{ $snags === 1 ? 'One is' : $snags.' are' }} open. Nothing is handed over with an open snag, unless the client accepts it by name.</p>
    @else
        <h2>Make the pack</h2>
        <p class="why">No snag is open. The pack prints the register, the links, the batteries and what not to unplug; no code or key is in it.</p>
    @endif
</div>
@if ($making)
    <svg class="gauge" viewBox="0 0 100 4" preserveAspectRatio="none" role="img" aria-label="{{ $making->progress }} percent"><rect width="100" height="4"/><rect width="{{ $making->progress }}" height="4"/></svg>
    <div class="thumb"><button class="big" id="big" data-move="making" type="button" aria-disabled="true">{{ $making->progress }} %</button></div>
@elseif ($snag)
    <p class="note"><strong>{{ $snag->text }}</strong><br>{{ $snag->raised_by }}, {{ $snag->raised_at->onSite()->format('j M, H:i') }}</p>
    @if ($bench->mayWork())
    <x-form :action="route('jobs.snags.update', [$job, $snag->key])" method="put" to="#drawer"><input type="hidden" name="lock_version" value="{{ $snag->lock_version }}"><button class="btn">It is put right</button></x-form>
    @endif
    @if ($mayLead)
    <x-form :action="route('jobs.snags.acceptance.store', [$job, $snag->key])">
        <input type="hidden" name="lock_version" value="{{ $snag->lock_version }}">
        <label class="field"><span>Accepted by (the client’s name)</span><input name="accepted_by" value="{{ $job->client_name }}" required minlength="3" autocomplete="off"></label>
        <div class="thumb"><button class="big" id="big" data-move="snag-{{ $snag->key }}" data-key="n">The client accepts it</button></div>
    </x-form>
    @else
    <p class="quiet">A lead records what the client accepts.</p>
    @endif
@elseif ($mayLead)
    <div class="thumb"><x-form :action="route('jobs.packs.store', $job)"><button class="big" id="big" data-move="pack" data-key="n">Make pack {{ ($packs->first()->number ?? 0) + 1 }}</button></x-form></div>
@else
    <p class="quiet">A lead issues the pack.</p>
@endif
@if ($planned > 0 || $in > 0)<p class="quiet">{{ $in > 0 ? "{$in} in, and not proved on every rung. " : '' }}{{ $planned > 0 ? "{$planned} still planned. " : '' }}The pack says so beside each.</p>@endif
@if ($packs->isNotEmpty())
<div>
    <h3>Packs</h3>
    <ul class="rows">
        @foreach ($packs as $pack)
        <li class="!items-start flex-col !gap-1">
            <span class="flex w-full gap-3"><strong>Pack {{ $pack->number }}</strong><span class="quiet">{{ $pack->ready_at?->onSite()->format('j M Y, H:i') ?? $pack->asked_at->onSite()->format('j M, H:i') }}</span></span>
            @if ($pack->state === 'ready')
                <span class="quiet measure !whitespace-normal break-all" title="SHA-256">{{ $pack->sha256 }}</span>
                <a class="btn" hx-boost="false" href="{{ route('jobs.packs.show', [$job, $pack->number]) }}">Open the PDF ({{ number_format($pack->bytes / 1024) }} kB)</a>
            @elseif ($pack->state === 'failed')<span class="note danger">{{ $pack->reason }}</span>
            @else<span class="quiet">{{ $pack->step }}</span>@endif
        </li>
        @endforeach
    </ul>
</div>
@endif
