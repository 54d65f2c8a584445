@use('Kavvel\Core\Radio\Margin')
@if ($open !== [])
<div>
    <h3>Thin or lost, and what helps</h3>
    <ul class="rows remedies">
        @foreach ($open as $node)
        @php($device = $bench->sheet->card($node->id))
        @php($isSnag = $device?->profile->needsSoundLink() && ! in_array($device->slot->id, $withSnag, true))
        <li>
            <a href="{{ $bench->url(['slot' => $node->id, 'storey' => null]) }}" data-opens-slot>
                <strong>{{ Str::ucfirst($title($node->id)) }}</strong>
                <span class="end measure">{{ $node->weakestDb === null ? 'no link' : Margin::text($node->weakestDb) }} ·
                    {{ $node->verdict->value }}</span>
            </a>
            @forelse ($remedies[$node->id] ?? [] as $one)
                @if ($one->slot !== null)
                <p class="quiet">Pairing the {{ $one->where }} makes it accepted.</p>
                @else
                <p class="quiet">{{ $loop->first ? 'A' : 'Or a new' }} relay at the {{ $one->where }},
                    {{ number_format($one->distanceM, 1) }}&nbsp;m away.</p>
                @endif
            @empty
                @if ($device !== null && $radio->protocol->rules()->routes() !== null)
                <p class="quiet">No single relay, of the plan or at a free mains point, is enough.</p>
                @endif
            @endforelse
            @if ($bench->mayWork())
            <div class="deeds">
                @foreach ($remedies[$node->id] ?? [] as $one)
                @if ($one->point !== null && $one->point !== $remedy?->point && ! $running)
                <x-form :action="route('jobs.relays.store', $job)">
                    <input type="hidden" name="protocol" value="{{ $reading->protocol->value }}">
                    <input type="hidden" name="point" value="{{ $one->point }}">
                    <button class="btn small">Add this relay</button>
                </x-form>
                @endif
                @endforeach
                @if ($isSnag)
                <x-raise-snag :job="$job" :slot-key="$node->id"
                    :text="'The link of the '.$device->slot->title().' is '.$node->verdict->value.'.'"/>
                @endif
            </div>
            @endif
        </li>
        @endforeach
    </ul>
</div>
@endif
