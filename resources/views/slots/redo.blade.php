@use('Kavvel\Core\Replacing\RedoKind')
@php($ways = [
    'fit' => route('jobs.fit', [$job, 'next' => $card->key()]), 'teach' => route('jobs.fit', [$job, 'next' => $card->key()]),
    'code' => route('jobs.pair', [$job, 'next' => $card->key()]), 'pair' => route('jobs.pair', [$job, 'next' => $card->key()]),
    'set' => '#settings', 'name' => route('jobs.name', [$job, 'next' => $card->key()]), 'prove' => '#ladder',
    'link' => route('jobs.bridge', $job),
    'read' => route('jobs.mesh', [$job, 'lens' => $card->profile->protocol->value]),
])
<ol class="rows steps redo">
    @foreach ($redo->all as $one)
    <li class="{{ $one->isDone ? 'is-done' : '' }}"><span class="n" aria-hidden="true">{{ $one->isDone ? '✓' : $loop->iteration }}</span>
        @if ($redo->before !== null && ! $one->isDone)
        <a href="{{ $ways[$one->kind->value] }}" @if (str_starts_with($ways[$one->kind->value], '#')) hx-boost="false" @endif><span>{{
            $one->words }}</span></a>
        @else
        <span>{{ $one->words }}{{ $one->isDone ? ', done' : '' }}</span>
        @endif
    </li>
    @endforeach
</ol>
