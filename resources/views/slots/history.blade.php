@php($former = $open->stays->whereNotNull('until'))
@if ($former->isNotEmpty())
<details id="stays"><summary>{{ $former->count() === 1 ? 'One device was' : $former->count().' devices were' }} here before</summary>
    <ul class="rows">
        @foreach ($former as $stay)
        <li><span><span class="measure">{{ $stay->address }}</span><br>
            <span class="quiet">{{ $stay->model }}, until {{ $stay->until->onSite()->isoFormat('D MMM YYYY, HH:mm') }}:
                {{ $stay->because }}</span></span>
            <span class="end quiet">since {{ $stay->since->onSite()->isoFormat('D MMM YYYY') }}</span></li>
        @endforeach
    </ul>
</details>
@endif
@if ($open->attempts->isNotEmpty())
<details id="attempts"><summary>{{ $open->attempts->count() }} {{ Str::plural('attempt', $open->attempts->count()) }} to pair it</summary>
    <ul class="rows">
        @foreach ($open->attempts as $attempt)
        <li><span>{{ $attempt->state->words() }}{{ $attempt->missing === [] ? '' : ', missing '.implode(', ', $attempt->missing) }}</span>
            <span class="end quiet">{{ $attempt->started_at->onSite()->format('j M, H:i') }}{{
                $attempt->ended_at ? ', '.(int) $attempt->started_at->diffInSeconds($attempt->ended_at).' s' : '' }}</span></li>
        @endforeach
    </ul>
</details>
@endif
@if ($open->record->isNotEmpty())
<details id="record"><summary>Record of proofs</summary>
    <ul class="rows">
        @foreach ($open->record as $result)
        <li><span>{{ $result->rung->words($open->joining()) }}:
            {{ str_replace('-', ' ', $result->outcome->value) }}{{ $result->reason ? ", {$result->reason}" : '' }}
            @if ($result->withdrawn_at)<span class="quiet">Taken back: {{ $result->withdrawn_because }}</span>
            @elseif ($result->node_id !== $slot->node_id)<span class="quiet">Shown by another device</span>
            @endif</span>
            <span class="end quiet">{{ $result->at->onSite()->format('j M, H:i') }}{{ $result->user ? ", {$result->user->name}"
                : '' }}</span></li>
        @endforeach
    </ul>
</details>
@endif
