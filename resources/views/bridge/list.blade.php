@php($names = array_map(fn ($one) => $one->name, $bridging->ecosystems))
<div class="room-list" tabindex="0" role="group" aria-label="Paths in words">
@foreach ($diagram->rows as ['row' => $one])
<section class="path-words">
    <h2><a href="{{ $bench->url(['at' => "row {$one->id}", 'slot' => null]) }}">{{ $one->title() }} {{ $one->more() }}</a></h2>
    <ul class="rows">
        @foreach ($one->paths as $path)
        <li><span>{{ implode(' → ', [...array_map(fn ($leg) => Str::ucfirst($leg->box->name), $path->way->legs),
            $names[$path->want->ecosystem]]) }}</span>
            <span class="end {{ $path->isMet() ? '' : 'is-worse' }}">{{ $path->isMet() ? ($path->way->isLocal ? 'local' : 'over a cloud')
                : 'not all that is wanted' }}</span></li>
        @endforeach
        @foreach ($one->without as $ecosystem)
        <li><span>{{ $names[$ecosystem] }}</span><span class="end is-worse">no path</span></li>
        @endforeach
    </ul>
</section>
@endforeach
</div>
