@use('App\Naming\RenameAsk')
@php($mayWork = $bench->mayWork())
@php($good = $plan === null ? [] : $plan->good())
@php($kept = $plan === null ? 0 : count($plan->renames) - count($good))
@php($lens = fn (array $more): string => route('jobs.name', [$job, 'lens' => 'names', ...$more]))
<div>
    <p class="over"><span>{{ $ask === null ? 'All names' : 'Seen before it is done' }}</span></p>
    <h2>{{ match (true) {
        $ask === null && $conflicts !== [] => count($conflicts) === 1 ? 'One pair could be mixed up'
            : count($conflicts).' could be mixed up',
        $ask === null && $unnamed > 0 => $unnamed === 1 ? 'One has no name yet' : "{$unnamed} have no name yet",
        $ask === null => 'Every name is its own',
        $good === [] && $kept === 0 => 'Nothing would change',
        $good === [] => 'None of these can be changed',
        default => (count($good) === 1 ? 'One name changes' : count($good).' names change'),
    } }}</h2>
    <x-tally :tally="$bench->tally()"/>
    <p class="why">{{ $ask === null ? "By the pattern {$job->name_pattern}." : Str::ucfirst($ask->words()).'.' }}</p>
</div>
@if ($ask !== null)
    @if ($kept > 0)
    <p class="note">{{ $kept === 1 ? 'One stays as it is' : "{$kept} stay as they are" }}: why stands beside each.</p>
    @endif
    @if ($changes !== [])
    <div>
        <h3>What else changes</h3>
        <ul class="rows">
            @foreach ($changes as $change)
            <li><span>{{ $change }}</span></li>
            @endforeach
        </ul>
    </div>
    @endif
    <div class="thumb">
        @if ($good !== [] && $mayWork)
        <x-form :action="route('jobs.name-batches.store', $job)">
            <input type="hidden" name="at" value="{{ $ask->text }}"><input type="hidden" name="seen" value="{{ $plan->mark() }}">
            <button class="big" id="big" data-move="rename-{{ $plan->mark() }}" data-key="n">{{ count($good) === 1 ? 'Rename it'
                : 'Rename these '.count($good) }}</button>
        </x-form>
        @else
        <a class="big" id="big" data-move="names-back" data-key="n" href="{{ $lens([]) }}">Back to all names</a>
        @endif
    </div>
    @if ($good !== [])
    <a class="btn w-full" href="{{ $lens([]) }}">Leave them as they are</a>
    @endif
@else
    <div class="thumb">
        @if ($unnamed > 0)
        <a class="big" id="big" data-move="preview-unnamed" data-key="n" href="{{ $lens(['at' => RenameAsk::UNNAMED]) }}">{{ $unnamed === 1
            ? 'See a name for it' : "See names for these {$unnamed}" }}</a>
        @else
        <a class="big" id="big" data-move="to-mesh" data-key="n" href="{{ route('jobs.mesh', $job) }}">On to the mesh</a>
        @endif
    </div>
    <a class="btn w-full" href="{{ $lens(['at' => RenameAsk::PATTERN]) }}">See all by the pattern</a>
    <form action="{{ route('jobs.name', $job) }}" method="get" class="printed">
        <input type="hidden" name="lens" value="names">
        <label class="field"><span>Swap words: old > new</span>
            <input name="at" value="{{ $asked }}" maxlength="120" autocomplete="off" placeholder="lamp > light"></label>
        <button class="btn small">See it</button>
    </form>
    @if ($asked !== null)
    <p class="note" role="status">“{{ $asked }}” says nothing to change: write it as “lamp > light”.</p>
    @endif
    @if ($conflicts !== [])
    <div>
        <h3>Could be mixed up</h3>
        <ul class="rows">
            @foreach (array_slice($conflicts, 0, 30) as $conflict)
            <li><a href="{{ route('jobs.name', [$job, 'next' => $conflict->ids[0]]) }}"><span>{{ $conflict->why }}</span></a></li>
            @endforeach
        </ul>
    </div>
    @endif
    @include('name.leftovers')
    @if ($batches->isNotEmpty())
    <div>
        <h3>Changed together</h3>
        <ul class="rows">
            @foreach ($batches as $batch)
            <li class="name-batch"><span>{{ $batch->changes_count }} {{ Str::plural('name', $batch->changes_count) }}:
                {{ $batch->words }}<br>
                <span class="quiet">{{ $batch->by }}, {{ $batch->at->onSite()->isoFormat('D MMM, HH:mm') }}{{
                    $batch->undone_at === null ? '' : ', taken back' }}</span></span>
                <span class="deeds">
                    <a class="btn small" href="{{ route('jobs.name-batches.show', [$job, $batch->id]) }}" hx-boost="false" download>Old and
                        new (CSV)</a>
                    @if ($mayWork && $batch->undone_at === null)
                    <x-form :action="route('jobs.name-batches.destroy', [$job, $batch->id])" method="delete">
                        <button class="btn small" aria-label="Take back: {{ $batch->words }}">Take it back</button>
                    </x-form>
                    @endif
                </span></li>
            @endforeach
        </ul>
    </div>
    @endif
    @if ($mayWork)
    <details id="name-rules"><summary>Who else shows the names</summary>
        <x-form :action="route('jobs.name-rules.update', $job)" method="put">
            <input type="hidden" name="lock_version" value="{{ $job->lock_version }}">
            <label class="field"><span>Platforms, one a line, with the most characters each takes, and whether it adds the room</span>
                <textarea name="platforms" rows="3" maxlength="2000" placeholder="voice platform, 30, adds the room">{{ $job->name_platforms
                    }}</textarea></label>
            <label class="field"><span>Groups that there are, one a line</span>
                <textarea name="groups" rows="2" maxlength="2000">{{ $job->name_groups }}</textarea></label>
            <button class="btn">Keep it</button>
        </x-form>
    </details>
    @endif
@endif
