@if ($leftovers !== [])
<div>
    <h3>Left over on the hub’s list</h3>
    <ul class="rows">
        @foreach ($leftovers as ['node' => $node, 'of' => $of, 'isLivelier' => $isLivelier, 'uses' => $uses])
        <li class="name-batch"><span><span class="measure">{{ $node->address }}</span>
            {{ $of === null ? 'was replaced, and the hub still has it'
                : "is called “{$node->label}”: a second copy of the {$of->calledInRoom()}" }}<br>
            <span class="quiet">{{ $of === null ? '' : "The {$of->called} is {$of->node?->address}" }}{{ $uses === [] ? ''
                : ', with '.implode(', ', $uses) }}{{ $of === null ? '' : '.' }}
                {{ $isLivelier ? 'The copy was heard later: it may be the one that is there.' : '' }}</span>
            @if ($node->forget_refused !== null)<br><strong role="alert">Not forgotten: {{ $node->forget_refused }}</strong>@endif</span>
            @if ($mayWork)
            <span class="deeds">
                @if ($of !== null)
                <x-form :action="route('jobs.leftovers.update', [$job, $node->id])" method="put">
                    <input type="hidden" name="slot" value="{{ $of->key() }}">
                    <button class="btn small">The copy is the {{ $of->called }}</button>
                </x-form>
                @endif
                <x-form :action="route('jobs.leftovers.destroy', [$job, $node->id])" method="delete">
                    <button class="btn small" aria-label="Let the hub forget {{ $node->address }}">Let the hub forget it</button>
                </x-form>
            </span>
            @endif
        </li>
        @endforeach
    </ul>
</div>
@endif
