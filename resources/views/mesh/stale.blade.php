<div>
    <p class="over"><span>Next move</span></p>
    <h2>Read {{ $radio->protocol->rules()->routes() === null ? 'its links' : 'the mesh' }} again</h2>
    <p class="why">{{ $age->words() }} What the last reading says of them may be wrong: there is no advice from it.</p>
</div>
@include('mesh.progress')
@include('mesh.read', ['words' => $radio->protocol->rules()->routes() === null ? 'Read its links again' : 'Read the mesh again'])
<ul class="rows">
    @foreach ([
        'came in' => $age->cameIn, 'gone' => $age->wentOut, 'moved or exchanged' => $age->changed,
    ] as $what => $slots)
    @foreach ($slots as $key)
    <li><span>{{ $bench->sheet->card($key)?->fullTitle() ?? $key }}</span><span class="end quiet">{{ $what }}</span></li>
    @endforeach
    @endforeach
</ul>
