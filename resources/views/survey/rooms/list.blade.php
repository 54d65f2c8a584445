<section class="room-list" aria-label="List of {{ $on->name }}">
    <div data-group>
        <h2>Rooms</h2>
        <ul class="rows">
            @foreach ($draft->rooms as $room)
            <li><a href="{{ $bench->url(['at' => "room {$room['key']}"]) }}" data-opens-slot><span>{{ $room['name'] }}</span>
                <span class="end measure">{{ $room['size'] }}</span></a></li>
            @endforeach
        </ul>
    </div>
    <div data-group>
        <h2>Walls</h2>
        <ul class="rows">
            @foreach ($plan->wallsOn($on->key) as $wall)
            <li><a href="{{ $bench->url(['at' => "wall {$wall->key}"]) }}" data-opens-slot><span>{{ Str::ucfirst($wall->label) }}</span>
                <span class="end measure">{{ sprintf('%.2f m', $wall->length()) }}</span></a></li>
            @endforeach
        </ul>
    </div>
    @if ($draft->ducts !== [])
    <div data-group>
        <h2>Ducts and risers</h2>
        <ul class="rows">
            @foreach ($draft->ducts as $duct)
            <li><a href="{{ $bench->url(['at' => "duct {$duct['key']}"]) }}" data-opens-slot><span>{{ $duct['name'] }}</span></a></li>
            @endforeach
        </ul>
    </div>
    @endif
    <div data-group>
        <h2>Points</h2>
        <ul class="rows">
            @foreach ($draft->things as $thing)
            @if ($thing['section'] === 'points')
            <li><a href="{{ $bench->url(['at' => "point {$thing['key']}"]) }}"
                data-opens-slot><span>{{ Str::ucfirst($thing['name']) }}</span>
                <span class="end measure">{{ $thing['key'] }}</span></a></li>
            @endif
            @endforeach
        </ul>
    </div>
</section>
