@if ($packs->isNotEmpty())
<div>
    <h3>Packs</h3>
    <ul class="rows">
        @foreach ($packs as $pack)
        <li class="!items-start flex-col !gap-1">
            <span class="flex w-full gap-3"><strong>Pack {{ $pack->number }}</strong>
                <span class="quiet">{{ $pack->ready_at?->onSite()->format('j M Y, H:i')
                    ?? $pack->asked_at->onSite()->format('j M, H:i') }}</span></span>
            @if ($pack->state === 'ready')
            <span class="quiet measure !whitespace-normal break-all" title="SHA-256">{{ $pack->sha256 }}</span>
            <a class="btn" hx-boost="false" href="{{ route('jobs.packs.show', [$job, $pack->number]) }}">Open the PDF
                ({{ number_format($pack->bytes / 1024) }} kB)</a>
            @elseif ($pack->state === 'failed')
            <span class="note danger">{{ $pack->reason }}</span>
            @else
            <span class="quiet">{{ $pack->step }}</span>
            @endif
        </li>
        @endforeach
    </ul>
</div>
@endif
