@if ($findings->all !== [])
<div>
    <h3>Before any wall is in the way</h3>
    <ul class="rows remedies">
        @foreach ($findings->all as $finding)
        <li>
            @if ($finding->slot === null)
            <p><strong>{{ $finding->title }}</strong></p>
            @else
            <a href="{{ $bench->url(['slot' => $finding->slot, 'storey' => null]) }}"
                data-opens-slot><strong>{{ $finding->title }}</strong></a>
            @endif
            <p class="quiet">{{ $finding->text }}</p>
            @if (! $findings->isOpen($finding))
            <p class="quiet">A snag was raised for it.</p>
            @elseif ($bench->mayWork())
            <x-raise-snag :job="$job" :slot-key="$finding->slot" :text="$finding->text"/>
            @endif
        </li>
        @endforeach
    </ul>
</div>
@endif
