@php($mayWork = $bench->mayWork())
@php($back = $bench->url(['at' => null]))
<div>
    <p class="over"><span>{{ $on->name }}, {{ count($plan->roomsOn($on->key)) }}
        {{ Str::plural('room', count($plan->roomsOn($on->key))) }}</span><span>plan version {{ $job->plan_version }}</span></p>
    @switch($chosen->kind)
        @case('room')
            <h2>{{ $panel->room()->name }}</h2>
            <p class="why">{{ $panel->measure($panel->room())->words() }} clear, {{ $panel->room()->height ?? $on->height }} m high.
                @if ($mayWork) Drag it to its place; or type the next one. @endif</p>
            @break
        @case('wall')
            <h2>{{ Str::ucfirst($panel->wall()->label) }}</h2>
            <p class="why">{{ sprintf('%.2f m long, %d mm thick.', $panel->wall()->length(), round($panel->wall()->thickness() * 1000)) }}
                {{ $panel->lossWords($panel->wall()) }}</p>
            @break
        @case('duct')
            <h2>{{ $plan->duct($chosen->key)->name }}</h2>
            <p class="why">{{ $plan->duct($chosen->key)->isRiser() ? 'A riser' : 'A duct' }} of
                {{ sprintf('%.2f m', $plan->duct($chosen->key)->length()) }}</p>
            @break
        @case('point')
            <h2>{{ Str::ucfirst($plan->thing('points', $chosen->key)->name) }}</h2>
            <p class="why">Point {{ $chosen->key }}, in the
                {{ mb_strtolower($plan->room($plan->thing('points', $chosen->key)->home)->name) }}</p>
            @break
        @default
            <h2>{{ $plan->roomsOn($on->key) === [] ? 'Measure the first room' : 'Measure the next room' }}</h2>
            <p class="why">Type it as you measure it. It comes to stand beside the others: touch it, then drag it to its place.</p>
    @endswitch
</div>
@if ($mayWork)
    @includeWhen($chosen->kind === '' || $chosen->isNew, 'survey.rooms.add-room')
    <div class="pair">
        @foreach (['last' => ['delete', 'Take back', 'z'], 'next' => ['put', 'Do again', 'y']] as $which => [$method, $title, $key])
        @php($edit = $history->$which)
        @if ($edit === null)
        <button type="button" class="btn plain" disabled>{{ $title }}</button>
        @else
        <x-form :action="route('jobs.plan-edits.'.($which === 'last' ? 'destroy' : 'restore'), [$job, $edit->id])" :method="$method"
            data-plan-edit>
            <input type="hidden" name="on" value="{{ $on->key }}">
            <button class="btn" data-key="{{ $key }}" title="{{ $edit->words }}">{{ $title }}</button>
        </x-form>
        @endif
        @endforeach
    </div>
    @if ($history->last !== null)
    <p class="quiet">Last: {{ $history->last->words }}{{
        $history->last->by === $bench->user->name ? '' : ", by {$history->last->by}" }}.</p>
    @endif
    @if ($chosen->kind !== '')
        @include('survey.rooms.'.$chosen->kind)
        @if (! $chosen->isNew)
        <a class="btn plain" href="{{ $back }}" id="to-next-room">Measure the next room</a>
        @endif
    @else
        @include('survey.rooms.storey')
    @endif
@endif
