@use('Kavvel\Core\Circuits\ControlReach')
@php($mayWork = $bench->mayWork())
@php($link = fn (?string $at): string => $bench->url(['lens' => 'control', 'at' => $at]))
@php($dark = $wiring->dark())
@if ($entrance !== null)
@php($isLeft = $wiring->mayStayDark($circuit->key, $entrance))
<a class="btn plain !justify-start" href="{{ $link(null) }}" data-key="n">← All doors</a>
<div>
    <p class="over"><span>{{ $circuit->label }}</span><span>{{ $wiring->told($circuit->key, $entrance) }}</span></p>
    <h2>{{ Str::ucfirst($wiring->way($entrance)) }}</h2>
    <p class="why">{{ $entrance->best() === null ? 'Nothing within '.ControlReach::REACH_M.' m of this '.$entrance->kind
        .' switches its light: one comes in, or leaves, in the dark.' : 'What is in reach here, the surest first.' }}</p>
</div>
@foreach ($entrance->within as [$one, $way])
<ul class="rows">
    <li><a href="{{ $link($one->key) }}"><span>{{ $one->name }}</span><span class="end">{{ $way->words() }}</span></a></li>
</ul>
@endforeach
@if ($mayWork && $buttons !== [])
<x-form :action="route('jobs.key-uses.store', $job)">
    <input type="hidden" name="circuit" value="{{ $circuit->key }}">
    <input type="hidden" name="opening" value="{{ $entrance->room }} {{ $entrance->opening }}">
    <input type="hidden" name="seen" value="{{ $entrance->best()?->value }}">
    <label class="field"><span>A new button beside the {{ $entrance->kind }}</span><select name="profile">
        @foreach ($buttons as $key => $profile)
        <option value="{{ $key }}">{{ $profile->name }}, {{ $profile->protocol->title() }}</option>
        @endforeach
    </select></label>
    @if ($entrance->best() === null && ! $isLeft)
    <div class="thumb"><button class="big" id="big" data-move="button-{{ $entrance->opening }}" data-key="n">Plan it there</button></div>
    @else
    <button class="btn plain">Plan one more</button>
    @endif
</x-form>
@endif
@if ($mayWork && $entrance->best() === null)
<x-form :action="route('jobs.circuits.dark-doors.update', [$job, $circuit->key])" method="put">
    <input type="hidden" name="opening" value="{{ $entrance->room }} {{ $entrance->opening }}">
    <input type="hidden" name="is_left" value="{{ $isLeft ? 0 : 1 }}">
    <button class="btn plain">{{ $isLeft ? 'Switch it here after all' : 'It may stay dark here' }}</button>
</x-form>
@endif
<p class="quiet">Or give a key to a switch that is there: open it below.</p>
@elseif ($control !== null)
<a class="btn plain !justify-start" href="{{ $link(null) }}" data-key="n">← All doors</a>
<div>
    <p class="over"><span>{{ Str::ucfirst($wiring->roomName($control->room)) }}</span><span>key plan</span></p>
    <h2>{{ $control->name }}</h2>
</div>
@include('survey.wiring.keys')
@else
<div>
    <p class="over"><span>Control of light</span><span>{{ count($dark) }} dark</span></p>
    @if ($wiring->reach === [])
        <h2>Note the circuits first</h2>
        <p class="why">Where light can be switched is looked at circuit by circuit.</p>
    @elseif ($dark !== [])
        <h2>Light the way: {{ $wiring->way($dark[0][1]) }}</h2>
        <p class="why">“{{ $dark[0][0]->label }}” can’t be switched at this {{ $dark[0][1]->kind }}{{ count($dark) > 1
            ? ', nor at '.(count($dark) - 1).' more' : '' }}.</p>
    @else
        <h2>Every door has its switch</h2>
        <p class="why">On the way in and on the way out.</p>
    @endif
</div>
@if ($wiring->reach === [])
<div class="thumb"><a class="big" id="big" data-move="to-circuits" data-key="n"
    href="{{ $bench->url(['lens' => 'circuits', 'at' => null]) }}">To the circuits</a></div>
@elseif ($dark !== [])
<div class="thumb"><a class="big" id="big" data-move="dark-{{ $dark[0][1]->opening }}" data-key="n"
    href="{{ $link("{$dark[0][0]->key} {$dark[0][1]->room} {$dark[0][1]->opening}") }}">Open it</a></div>
@endif
@foreach ($wiring->reach as $reach)
@if ($reach->ways !== [] && ! $reach->worksWithoutHub())
<p class="note"><strong>{{ $reach->circuit->label }}</strong> stays as it is when the hub is away: keep a manual control.</p>
@endif
@endforeach
@endif
@if ($control === null)
<div>
    <h3>Switches and buttons</h3>
    @if ($wiring->controls === [])
    <p class="quiet">None is on the plan. A switch on the wall is a point called “switch box”, put there in the rooms; a button is a
        device.</p>
    @endif
    <ul class="rows">
        @foreach ($wiring->controls as $one)
        @php($uses = $wiring->usesOf($one->key))
        <li><a href="{{ $link($one->key) }}"><span>{{ $one->name }}<br><span class="quiet">{{ $wiring->roomName($one->room) }}</span></span>
            <span class="end">{{ $uses === [] ? 'does nothing yet' : count($uses).' '.Str::plural('use', count($uses)) }}</span></a></li>
        @endforeach
    </ul>
</div>
@endif
