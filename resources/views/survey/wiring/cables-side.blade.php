@use('Kavvel\Core\Cabling\CableKind')
@use('Kavvel\Core\Cabling\PointPurpose')
@use('Kavvel\Core\Cabling\WiredPoint')
@use('Kavvel\Core\Drops\DropCode')
@php($mayWork = $bench->mayWork())
@if ($chosen !== null)
@php($facts = $chosen->facts)
<a class="btn plain !justify-start" href="{{ $bench->url(['lens' => 'cables', 'at' => null]) }}" data-key="n">← All cables</a>
<div>
    <p class="over"><span>Point</span><span class="measure">{{ $label }}</span></p>
    <h2>{{ Str::ucfirst($chosen->name) }}</h2>
</div>
@php($drop = $drops->drops[$chosen->key] ?? null)
@if ($drop !== null)
<p class="{{ $drop->isOut ? 'note' : 'quiet' }}">{{ $drop->words }}</p>
@endif
@if ($mayWork)
<x-form :action="route('jobs.plan-edits.store', $job)">
    <input type="hidden" name="edit" value="change-point"><input type="hidden" name="point" value="{{ $chosen->key }}">
    <input type="hidden" name="seen" value="{{ $seen }}">
    <label class="field"><span>For what</span><input name="purpose" value="{{ $facts['purpose'] ?? '' }}" maxlength="40" required
        list="cable-purposes"></label>
    <datalist id="cable-purposes">@foreach (PointPurpose::cases() as $one)<option value="{{ $one->value }}"></option>@endforeach</datalist>
    <div class="two">
        <label class="field"><span>Cable</span><select name="cable">
            <option value="">what is usual</option>
            @foreach (CableKind::cases() as $kind)
            <option value="{{ $kind->value }}" @selected(($facts['cable'] ?? null) === $kind->value)>{{ $kind->words() }}</option>
            @endforeach
            <option value="{{ WiredPoint::NONE }}" @selected(($facts['cable'] ?? null) === WiredPoint::NONE)>none</option>
        </select></label>
        <label class="field"><span>How many</span><input name="cable_count" inputmode="numeric" maxlength="2" placeholder="usual"
            value="{{ $facts['count'] ?? '' }}"></label>
    </div>
    <label class="tick"><input type="checkbox" name="mains" value="1" @checked($facts['mains'] ?? false)> Mains is there</label>
    <div class="thumb"><button class="big" id="big" data-move="point-{{ $chosen->key }}" data-key="n">Write it down</button></div>
</x-form>
@endif
@else
@php($rack = $cables->rack)
@php($tooLong = $cables->schedule?->tooLong() ?? [])
<div>
    <p class="over"><span>Cables from the rack</span><span>{{ $cables->schedule === null ? ''
        : count($cables->schedule->runs).' runs' }}</span></p>
    @if ($cables->points === [])
        <h2>Say what each point is for</h2>
        <p class="why">A camera, an access point, a keypad: from what a point is for follows the cable that comes to it.</p>
    @elseif ($cables->rackAt === null)
        <h2>Say where the rack stands</h2>
        <p class="why">No length can be told before. Put a point called “rack” into its room, or say so of one that is there.</p>
    @elseif ($cables->tooLong !== null)
        <h2>A run is too long</h2>
        <p class="why">{{ $cables->tooLong }} Cables are not spliced: a nearer rack, or a second one.</p>
    @elseif ($tooLong !== [])
        <h2>Shorten {{ count($tooLong) === 1 ? 'a data link' : count($tooLong).' data links' }}</h2>
        <p class="why">{{ implode(', ', $tooLong) }}: over 90 m a link may fail. A way that is shorter, or a switch on the way.</p>
    @else
        <h2>{{ count($cables->schedule->drums) === 1 ? 'One drum' : count($cables->schedule->drums).' drums' }} for
            {{ count($cables->schedule->runs) }} runs</h2>
        <p class="why">With a tenth for bends, 1 m at each point and 3 m at the rack.</p>
    @endif
</div>
@if ($cables->rackAt === null && $cables->points !== [] && $mayWork)
<div class="thumb"><a class="big" id="big" data-move="rack" data-key="n"
    href="{{ $bench->url(['lens' => 'rooms', 'at' => null]) }}">To the points of the plan</a></div>
@endif
@if ($cables->schedule !== null)
<div>
    <h3>Drums</h3>
    <ul class="rows">
        @foreach ($cables->schedule->drums as $drum)
        <li><span>{{ CableKind::from($drum->cable)->words() }}, {{ round($drum->sizeM) }} m<br><span class="quiet">{{
            implode(', ', array_map(fn ($run) => $run->id, $drum->runs)) }}</span></span>
            <span class="end measure">{{ sprintf('%.1f m left', $drum->leftM()) }}</span></li>
        @endforeach
    </ul>
    <a class="btn" href="{{ route('jobs.cables', $job) }}" hx-boost="false">The schedule as a table</a>
</div>
@endif
@if ($cables->points !== [])
<div>
    <h3>The rack</h3>
    <table class="breakdown"><caption class="visually-hidden">What the rack has to hold</caption><tbody>
        <tr><td>Data ports</td><td>{{ $rack->dataPorts }}</td></tr>
        <tr><td>Panels and switches of 24</td><td>{{ $rack->panels }} each</td></tr>
        <tr><td>Height, a fifth to spare</td><td>{{ $rack->units }} units</td></tr>
        <tr><td>Fed over data cables</td><td>{{ round($rack->feedsW) }} W</td></tr>
        <tr><td>Power</td><td>{{ round($rack->powerW) }} W</td></tr>
        <tr><td>Heat</td><td>{{ round($rack->heatW) }} W</td></tr>
    </tbody></table>
</div>
<div>
    <h3>Colours, so that ends are told apart</h3>
    <ul class="rows">
        @foreach (array_unique(array_map(fn ($one) => $one->cable, $cables->points), SORT_REGULAR) as $kind)
        <li><span>{{ $kind->words() }}</span><span class="end">{{ $kind->colour() }}</span></li>
        @endforeach
    </ul>
</div>
<div>
    <h3>Buried in walls</h3>
    @if ($drops->code !== null)
    <p class="quiet">{{ $drops->code->words() }}</p>
    <table class="breakdown"><caption class="visually-hidden">Where cables may lie</caption><tbody>
        @foreach ($drops->code->zones() as $where => $zone)
        <tr><td>{{ $where }}</td><td class="!whitespace-normal">{{ $zone }}</td></tr>
        @endforeach
    </tbody></table>
    @if ($drops->out() !== [])
    <ul class="rows">
        @foreach ($drops->out() as $one)
        <li><a href="{{ $bench->url(['lens' => 'cables', 'at' => $one->point->key]) }}"><span><span class="measure">{{
            $one->point->label }}</span><br><span class="quiet">{{ $one->words }}</span></span></a></li>
        @endforeach
    </ul>
    @else
    <p class="mt-2">Every cable finds its way as it says.</p>
    @endif
    @endif
    @if ($mayWork)
    <details id="drop-code" @if ($drops->code === null) open @endif><summary>{{ $drops->code === null ? 'Say by which code'
        : 'Another code' }}</summary>
    <x-form :action="route('jobs.drop-code.update', $job)" method="put">
        <label class="field"><span>Cables run</span><select name="drop_code">
            @foreach (DropCode::cases() as $code)
            <option value="{{ $code->value }}" @selected($code === $drops->code)>{{ mb_strtolower($code->words()) }}</option>
            @endforeach
        </select></label>
        <button class="btn">Hold them against it</button>
    </x-form></details>
    @endif
    <p class="quiet">The local code and its edition come first. Mains and data keep apart.</p>
</div>
@endif
@endif
