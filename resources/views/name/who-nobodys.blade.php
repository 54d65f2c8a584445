@if ($nobodys->nodes !== [])
<div>
    <h3>In, and nobody’s</h3>
    <form action="{{ route('jobs.name', $job) }}" method="get" class="printed">
        <input type="hidden" name="lens" value="who">
        @if ($target !== null)
        <input type="hidden" name="next" value="{{ $target->key() }}">
        @endif
        <label class="field"><span>Printed on it: its address, or the last four of it</span>
            <input name="at" value="{{ $printed }}" maxlength="60" autocomplete="off" spellcheck="false"></label>
        <button class="btn small">Find it</button>
    </form>
    @if ($printed !== null && $byPrint === [])
    <p class="note" role="status">None of these has “{{ $printed }}” as its address, or at the end of it.</p>
    @endif
    <ul class="rows nobodys">
        @foreach (array_slice($printed === null || $byPrint === [] ? $nobodys->nodes : $byPrint, 0, 40) as $node)
        @php($slots = $nobodys->slots($node))
        <li>
            <details name="nobodys" id="nobody-{{ $node->id }}" @if ($printed !== null && count($byPrint) === 1) open @endif>
                <summary>@chip($node->protocol)<span><span class="measure">{{ $node->address }}</span><br>
                    <span class="quiet">{{ $node->model ?? 'model not said' }}{{ $node->state === 'in-part' ? ', in part' : '' }}{{
                        $node->said_at === null ? '' : ", {$node->said} {$node->said_value}" }}</span></span></summary>
                @if ($node->blink_refused !== null)
                <p class="note" role="status">{{ $node->blink_refused }}</p>
                @elseif ($node->blinks_at !== null && $node->blinks_at->isAfter(now()->subSeconds(20)))
                <p class="note done" role="status">It blinks now: which one is it?</p>
                @endif
                @if ($mayWork)
                <x-form :action="route('jobs.nodes.blinks.store', [$job, $node->id])">
                    <button class="btn small">Let it blink</button></x-form>
                @foreach (array_slice($slots, 0, 12) as $card)
                <x-form :action="route('jobs.slots.node.store', [$job, $card->slot])">
                    <input type="hidden" name="address" value="{{ $node->address }}"><input type="hidden" name="from" value="who">
                    <button class="btn small">It is the {{ $card->calledInRoom() }}</button>
                </x-form>
                @endforeach
                @endif
                @if ($mayWork && $target !== null && ! $target->isIn() && $node->protocol === $target->profile->protocol
                    && ! in_array($target, $slots, true) && ($node->via !== null) === $target->isBehindBridge())
                <p class="note">The plan has {{ $target->profile->model }} as the {{ $target->calledInRoom() }}, and this is
                    {{ $node->model ?? 'of no known model' }}.</p>
                <x-form :action="route('jobs.slots.node.store', [$job, $target->slot])">
                    <input type="hidden" name="address" value="{{ $node->address }}"><input type="hidden" name="from" value="who">
                    <button class="btn small">It is the {{ $target->calledInRoom() }} all the same</button>
                </x-form>
                @endif
                @if ($slots === [])
                <p class="quiet">No slot waits for a {{ $node->model ?? 'device of no known model' }}.</p>
                @endif
            </details>
        </li>
        @endforeach
    </ul>
    @if (count($nobodys->nodes) > 40)
    <p class="quiet">And {{ count($nobodys->nodes) - 40 }} more: find them by what is printed on them.</p>
    @endif
</div>
@endif
