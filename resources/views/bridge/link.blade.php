@use('App\Pictures\QrCode')
@use('Kavvel\Core\Bridging\ActKind')
@php($mayWork = $bench->mayWork())
@php($run = $next->run)
@php($link = $next->link)
@php($number = $run->current())
@php($act = $run->act())
@php($done = array_values(array_intersect(array_keys($run->acts), array_keys($run->done))))
@php($ahead = array_values(array_diff(array_keys($run->acts), $done, [$number])))
@php($client = $job->client_name)
@php($unnamed = array_values(array_filter($next->ready, fn ($key) => $bridging->card($key)?->isNamed !== true)))
@php($left = $window === null ? null : max(0, $window->getTimestamp() - now()->getTimestamp()))
@php($minutes = $run->minutesLeft())
@php($key = $row?->credentials()->exists() === true)
@php($isOver = $left === 0)
@php($tell = $place === null ? null : match ($act->kind) {
    ActKind::Include => "Have {$place->name} show these",
    ActKind::Window => "Open it on {$place->name}",
    ActKind::Key => "Have {$place->name} make it",
    default => "Read what {$place->name} shows",
})
<div>
    <p class="over"><span>{{ $bridging->linkTitle($link->key()) }}</span><span>act {{ $number + 1 }} of {{ count($run->acts) }}{{
        $minutes === 0 ? '' : " · {$minutes} min" }}</span></p>
    <h2>{{ $act->say }}</h2>
    <p class="why">{{ match (true) {
        $isOver => 'The window is over: its code opens nothing any more.',
        $act->isClients => "{$client} does it with an own account and phone; you never hold that password.",
        default => match ($act->kind) {
            ActKind::Names => $unnamed === []
                ? 'All of them have their names: what is copied now is right from the start.'
                : (count($unnamed) === 1 ? "The {$bridging->card($unnamed[0])->calledInRoom()} has no name yet: it would show"
                    : 'What has no name yet shows').' there under a code. Most platforms keep the first name that they get.',
            ActKind::Include => (count($exported) === 1 ? 'This one' : 'These '.count($exported))
                .' and no others: “everything” would show '.count($bridging->sheet->cards).'.',
            ActKind::Window => 'It goes by a code of its own, and closes by itself after '.intdiv((int) $act->seconds, 60).' minutes.',
            ActKind::Key => 'It goes through the store of this job, and never over paper.',
            ActKind::Expect => 'It is harmless.',
            ActKind::Count => 'As many as were passed on: one too few and one too many both mean something.',
            default => count($next->ready) < count($link->devices)
                ? count($next->ready).' of its '.count($link->devices).' devices are in; the others are added when they are.'
                : 'All of its devices are in.',
        },
    } }}</p>
</div>
@if ($act->kind === ActKind::Scan && ! $isOver && $row?->window_code !== null && $bench->user->can('seeSecrets', $job))
<figure class="share-code">{!! QrCode::svg($row->window_code) !!}<figcaption>{{ $client }} scans it. It opens nothing once the window is
    over.</figcaption></figure>
@endif
@if ($next->added !== [])
<p class="note">It was made before, and does not carry yet: {{ implode('; ', array_map(fn ($key) => $bridging->device($key)->name
    .(in_array($key, $row->devices ?? [], true) ? ', another device since' : ''), $next->added)) }}.</p>
@endif
@include('bridge.acts-folded', ['id' => 'acts-before', 'steps' => $done, 'word' => 'done'])
<ol class="rows steps">
    <li class="is-current"><span class="n">{{ $number + 1 }}</span><span>{{ $act->say }}</span>
        @if ($left !== null && ! $isOver)
        <span class="end measure" data-seconds-left="{{ $left }}">{{ sprintf('%d:%02d left', intdiv($left, 60), $left % 60) }}</span>
        @endif</li>
    @if ($ahead !== [])
    <li><span class="n">{{ $ahead[0] + 1 }}</span><span>{{ $run->acts[$ahead[0]]->say }}</span></li>
    @endif
</ol>
@include('bridge.acts-folded', ['id' => 'acts-after', 'steps' => array_slice($ahead, 1), 'word' => 'more'])
@if ($row?->ask_refused !== null)
<p class="note danger" role="alert">{{ $row->ask_refused }}</p>
@endif
@if ($mayWork)
@if ($isOver)
<x-form :action="route('jobs.link-acts.destroy', [$job, $row->id])" method="delete">
    <input type="hidden" name="to" value="window">
    <div class="thumb"><button class="big" id="big" data-move="again-{{ $row->id }}-{{ $number }}"
        data-key="n">Open the next one</button></div>
</x-form>
@elseif ($act->kind === ActKind::Names && $unnamed !== [])
@php($many = count($unnamed) === 1 ? 'it' : 'the '.count($unnamed))
<div class="thumb"><a class="big" id="big" data-move="names" data-key="n"
    href="{{ route('jobs.name', [$job, 'next' => $bridging->card($unnamed[0])->key()]) }}">Name {{ $many }} first</a></div>
@include('bridge.act', ['words' => 'Link all the same', 'class' => 'btn w-full', 'id' => null])
@elseif ($act->kind === ActKind::Key && ! $key && $tell === null)
<x-form :action="route('jobs.link-keys.store', $job)">
    <input type="hidden" name="link" value="{{ $link->key() }}">
    <label class="field"><span>The key, as the box shows it</span>
        <input name="secret" maxlength="512" autocomplete="off" spellcheck="false" required></label>
    <div class="thumb"><button class="big" id="big" data-move="key-{{ $number }}">Keep it</button></div>
</x-form>
@include('bridge.act', ['words' => 'It is over there already', 'class' => 'btn plain w-full', 'id' => null])
@elseif ($isWaiting)
<p class="note" id="waits" role="status">{{ Str::ucfirst($place->name ?? 'It') }} is being asked…</p>
@elseif ($tell !== null && ! ($act->kind === ActKind::Key && $key))
<x-form :action="route('jobs.link-tellings.store', $job)">
    <input type="hidden" name="link" value="{{ $link->key() }}"><input type="hidden" name="number" value="{{ $number }}">
    <div class="thumb"><button class="big" id="big" data-move="tell-{{ $link->key() }}-{{ $number }}-{{
        $row?->ask_refused === null ? 0 : 1 }}" data-key="n">{{ $row?->ask_refused === null ? $tell : 'Try it once more' }}</button></div>
</x-form>
<details id="by-hand" @if ($row?->ask_refused !== null || $errors->any()) open @endif><summary>By hand instead</summary>
    @include('bridge.act', ['words' => $act->kind->done(), 'class' => 'btn w-full', 'id' => null])
</details>
@else
@if ($act->kind === ActKind::Key)
<x-form :action="route('jobs.link-keys.show', [$job, $row->id])" to="#drawer"><button class="btn w-full">Show the key</button></x-form>
@endif
@include('bridge.act', ['words' => $act->kind->done(), 'class' => 'big', 'id' => 'big'])
@endif
@if ($act->isClients)
<x-form :action="route('jobs.link-delays.store', $job)">
    <input type="hidden" name="link" value="{{ $link->key() }}"><button class="btn w-full">{{ $client }} is not here now</button>
</x-form>
@endif
@if ($act->kind === ActKind::Count)
<details id="count-otherwise"><summary>It stays at another number</summary>
<x-form :action="route('jobs.link-acts.store', $job)">
    <input type="hidden" name="link" value="{{ $link->key() }}"><input type="hidden" name="number" value="{{ $number }}">
    <input type="hidden" name="anyway" value="1">
    <label class="field"><span>How many there are</span><input name="said" inputmode="numeric" maxlength="4" required></label>
    <button class="btn">Take it as it is</button>
</x-form>
</details>
@foreach (array_filter([ActKind::Include, ActKind::Window], fn ($kind) => $run->last($kind) !== null) as $kind)
<x-form :action="route('jobs.link-acts.destroy', [$job, $row->id])" method="delete">
    <input type="hidden" name="to" value="{{ $kind->value }}">
    <button class="btn plain w-full">{{ $kind === ActKind::Include ? 'Back to the list of what is shown'
        : 'Open a window once more' }}</button>
</x-form>
@endforeach
@endif
@endif
@if ($act->kind === ActKind::Include)
<details id="include-list" open><summary>The {{ count($exported) }} that are shown</summary>
<ul class="rows">
    @foreach (array_unique([...$exported, ...$link->devices]) as $device)
    @php($card = $bridging->card($device))
    @php($made = isset($bridging->wrappers[$device]))
    <li>@chip($card->profile->protocol)<span>{{ Str::ucfirst($made ? $bridging->device($device)->name
        : $card->slot->name ?? $card->calledInRoom()) }}</span>
        <span class="end quiet">{{ match (true) {
            ! $bridging->isThere($device) => 'later',
            $made => 'made by the hub',
            default => '',
        } }}</span></li>
    @endforeach
</ul>
</details>
@endif
@php($others = array_filter($bridging->links(), fn ($one) => ! $one->run->isMade() && $one->link->key() !== $link->key()))
@if ($others !== [])
<div>
    <h3>Then</h3>
    <ul class="rows">
        @foreach ($others as $one)
        <li><a href="{{ $bench->url(['at' => "link {$one->link->key()}", 'slot' => null]) }}"><span>{{
            $bridging->linkTitle($one->link->key()) }}</span></a><span class="end quiet">{{ match (true) {
            $one->isPutOff => 'put off for today',
            $one->ready === [] => 'none is in',
            default => "{$one->run->minutesLeft()}\u{a0}min",
        } }}</span></li>
        @endforeach
    </ul>
</div>
@endif
@include('bridge.left-over')
