@use('Kavvel\Core\Handover\HandoverMove')
@php($mayLead = $bench->mayLead())
@switch($kind)
    @case(HandoverMove::Wait)
        <svg class="gauge" viewBox="0 0 100 4" preserveAspectRatio="none" role="img" aria-label="{{ $making->progress }} percent"><rect
            width="100" height="4"/><rect width="{{ $making->progress }}" height="4"/></svg>
        <div class="thumb"><button class="big" id="big" data-move="making" type="button"
            aria-disabled="true">{{ $making->progress }} %</button></div>
        @break
    @case(HandoverMove::Settle)
        <p class="note"><strong>{{ $snag->text }}</strong><br>{{ $snag->raised_by }},
            {{ $snag->raised_at->onSite()->format('j M, H:i') }}</p>
        @if ($bench->mayWork())
        <x-form :action="route('jobs.snags.update', [$job, $snag->key])" method="put" to="#drawer">
            <input type="hidden" name="lock_version" value="{{ $snag->lock_version }}">
            <button class="btn">It is put right</button>
        </x-form>
        @endif
        @if ($mayLead)
        <x-form :action="route('jobs.snags.acceptance.store', [$job, $snag->key])">
            <input type="hidden" name="lock_version" value="{{ $snag->lock_version }}">
            <label class="field"><span>Accepted by (the client’s name)</span>
                <input name="accepted_by" value="{{ $job->client_name }}" required minlength="3" autocomplete="off"></label>
            <div class="thumb"><button class="big" id="big" data-move="snag-{{ $snag->key }}"
                data-key="n">The client accepts it</button></div>
        </x-form>
        @else
        <p class="quiet">A lead records what the client accepts.</p>
        @endif
        @break
    @case(HandoverMove::Close)
        @foreach ($worked as $one)
        <p class="note">“{{ $one->label }}” is still worked on.</p>
        @if ($loop->first)
        <div class="thumb"><a class="big" id="big" data-move="circuit-{{ $one->key }}" data-key="n" href="{{ route('jobs.fit', $job) }}">To
            Fit</a></div>
        @endif
        @endforeach
        @foreach ($temporary as $one)
        <p class="note"><strong>{{ $one->what }}</strong><br>{{ $one->opened_by }},
            {{ $one->opened_at->onSite()->format('j M, H:i') }}{{ $one->close_by === null ? ''
                : ', until '.$one->close_by->format('j M') }}</p>
        @if ($bench->mayWork())
        <x-form :action="route('jobs.temporary-states.destroy', [$job, $one->key])" method="delete">
            <input type="hidden" name="from" value="hand-over">
            @if ($loop->first && $worked->isEmpty())
            <div class="thumb"><button class="big" id="big" data-move="close-{{ $one->key }}" data-key="n">It is closed</button></div>
            @else
            <button class="btn">It is closed</button>
            @endif
        </x-form>
        @endif
        @endforeach
        @break
    @case(HandoverMove::GoThrough)
        <div class="thumb"><a class="big" id="big" data-move="read-pack-{{ $lastPack->number }}" data-key="n" hx-boost="false"
            href="{{ route('jobs.packs.show', [$job, $lastPack->number]) }}">Open pack {{ $lastPack->number }}</a></div>
        <a class="btn" href="{{ route('jobs.index') }}" hx-boost="false">Back to all jobs</a>
        @break
    @default
        @if ($mayLead)
        <div class="thumb"><x-form :action="route('jobs.packs.store', $job)">
            <button class="big" id="big" data-move="pack" data-key="n">Make pack {{ $next }}</button>
        </x-form></div>
        @else
        <p class="quiet">A lead issues the pack.</p>
        @endif
@endswitch
