@if ($mayWork && $card->isIn() && ($card->isLinked() || $card->isBehindBridge()))
@php($node = $card->node)
<details id="who"><summary>Is it the right one?</summary>
    @if ($node->blink_refused !== null)
    <p class="note" role="status">{{ $node->blink_refused }}</p>
    @elseif ($node->blinks_at !== null && $node->blinks_at->isAfter(now()->subSeconds(20)))
    <p class="note done" role="status">It blinks now.</p>
    @endif
    <div class="deeds-row">
        <x-form :action="route('jobs.nodes.blinks.store', [$job, $node->id])">
            <input type="hidden" name="station" value="{{ $bench->station }}">
            <button class="btn">Let it blink</button>
        </x-form>
        <a class="btn" href="{{ route('jobs.name', [$job, 'lens' => 'who', 'next' => $card->key()]) }}">Listen for it</a>
    </div>
    @if ($open->alike !== [])
    <x-form :action="route('jobs.slots.node.update', [$job, $slot])" method="put" class="carry">
        <label class="field"><span>No: it is the</span>
            <select name="to"><option value="">which one?</option>
                @foreach ($open->alike as $other)
                <option value="{{ $other->key() }}">{{ $other->fullTitle() }}{{ $other->isIn() ? ', exchange them' : '' }}</option>
                @endforeach
            </select></label>
        <button class="btn small">Carry it over</button>
    </x-form>
    @endif
    @php($linked = implode(', ', App\Models\BridgeLink::into($slot)))
    <x-form :action="route('jobs.slots.node.destroy', [$job, $slot])" method="delete">
        <input type="hidden" name="seen" value="{{ $linked }}">
        @if ($linked !== '')<p class="note danger">It shows in {{ $linked }}: what uses it there breaks.</p>@endif
        <button class="btn plain">It is none of these: take it away from here</button>
    </x-form>
    <p class="quiet">It stays on the network, and nobody’s, until it is matched again.</p>
</details>
@endif
