@if (count($spoken) > 1)
<nav class="keys tight" aria-label="Radio">
    @foreach ($spoken as $one)
    <a href="{{ $bench->url(['at' => $one->value]) }}" @if ($one === $chosen) aria-current="true" @endif
        aria-label="{{ $one->title() }}">{{ $one->tag() }}</a>
    @endforeach
</nav>
@endif
