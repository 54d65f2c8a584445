@use('App\Stations\Bridge\PathChoice')
@use('Kavvel\Core\Bridging\BridgeStepKind as Kind')
@use('Kavvel\Core\Bridging\FunctionTable')
@php($mayWork = $bench->mayWork())
@php($client = $job->client_name)
@php($boxes = fn (string $at): string => $bench->url(['lens' => 'boxes', 'at' => $at, 'slot' => null]))
@php($names = array_map(fn ($one) => $one->name, $bridging->ecosystems))
@php($box = $step->id === null ? null : $bridging->boxes[$step->id] ?? null)
@php($open = count($bridging->open()))
<div>
    <p class="over"><span>Next move</span><span>{{ $open === 0 ? '' : "{$open} to settle" }}</span></p>
    <h2>{{ match ($step->kind) {
        Kind::NameEcosystem => 'Ask which '.mb_strtolower($step->from->words())." {$client} has",
        Kind::NothingWanted => 'Nothing is wanted from elsewhere',
        Kind::DescribeHub => 'Say what the '.mb_strtolower($bridging->hubName($step->id)).' passes on',
        Kind::ChoosePolicy => 'Choose by which paths',
        Kind::Buy => ($box->sheet->data['service'] ?? false) ? "Have the {$box->name} subscribed to" : "Bring the {$box->name}",
        Kind::SayWhoseAccount => "Say whose the account of {$names[$step->id]} is",
        Kind::TellClient => "Tell {$client} what will not work",
        Kind::Settled => 'The paths are settled',
    } }}</h2>
    <p class="why">{{ match ($step->kind) {
        Kind::NameEcosystem => 'Something is wanted from there. Its make, its release and its account decide what reaches it.',
        Kind::NothingWanted => 'Wants are noted at the survey: what, for whom, and from where. What the hub and the hand do needs no '
            .'bridge.',
        Kind::DescribeHub => 'What it exports, in which release, and what it drops decides every path through it.',
        Kind::ChoosePolicy => 'The three are drawn over the same devices; what each loses, buys and costs stands side by side.',
        Kind::Buy => 'Of all that could be bought it is the cheapest with which as many wants are met as with everything.',
        Kind::SayWhoseAccount => 'The client owns every account. Nobody of ours signs in with an own one.',
        Kind::TellClient => 'It is better said now than found out later. What can’t be met, and why:',
        Kind::Settled => "{$bridging->plan()->countMet()} wants have their path.",
    } }}</p>
</div>
@if ($step->kind === Kind::TellClient)
<ul class="rows losses">
    @foreach ($step->unmet as $one)
    <li class="is-wanted"><strong>{{ Str::ucfirst($bridging->device($one->want->device)->name) }}, {{
        $names[$one->want->ecosystem] }}</strong>
        <span>{{ $bridging->because($one) }}</span>
        @if ($mayWork)@include('bridge.wrap-choice')@endif</li>
    @endforeach
</ul>
@endif
@if ($step->kind === Kind::Buy)
<dl class="evidence plain">
    <div><dt>Costs now</dt><dd>{{ number_format((float) ($box->sheet->data['cost'] ?? 0)) }}</dd></div>
    <div><dt>and a year</dt><dd>{{ number_format((float) ($box->sheet->data['yearlyCost'] ?? 0)) }}</dd></div>
</dl>
@if (($box->sheet->data['caution'] ?? '') !== '')<p class="note">{{ $box->sheet->data['caution'] }}</p>@endif
@endif
@if ($mayWork)
@switch ($step->kind)
@case (Kind::NameEcosystem)
<div class="thumb"><a class="big" id="big" data-move="eco-{{ $step->from->value }}" data-key="n"
    href="{{ $boxes("add ecosystem {$step->from->value}") }}">Note it</a></div>
@break
@case (Kind::NothingWanted)
<div class="thumb"><a class="big" id="big" data-move="to-wants" data-key="n"
    href="{{ route('jobs.survey', [$job, 'lens' => 'wants']) }}">To the wants</a></div>
@break
@case (Kind::DescribeHub)
<div class="thumb"><a class="big" id="big" data-move="hub-{{ $step->id }}" data-key="n"
    href="{{ $boxes("add box {$step->id}") }}">Say it</a></div>
@break
@case (Kind::ChoosePolicy)
<div class="thumb"><a class="big" id="big" data-move="policies" data-key="n" href="{{ $bench->url([
    'at' => 'policies', 'show' => $bridging->policy()->value, 'lens' => null]) }}">Look at the three</a></div>
@break
@case (Kind::Buy)
<x-form :action="route('jobs.bridge-boxes.arrival.store', [$job, $box->key])">
    <div class="thumb"><button class="big" id="big" data-move="arrival-{{ $box->key }}" data-key="n">It is there now</button></div>
</x-form>
<a class="btn plain" href="{{ $boxes("box {$box->key}") }}">Not that one</a>
@break
@case (Kind::SayWhoseAccount)
<div class="thumb"><a class="big" id="big" data-move="account-{{ $step->id }}" data-key="n"
    href="{{ $boxes("ecosystem {$step->id}") }}">Say it</a></div>
@break
@case (Kind::TellClient)
<x-form :action="route('jobs.told-losses.store', $job)">
    <input type="hidden" name="seen" value="{{ implode(' ', array_map(
        fn ($one) => PathChoice::mark($one, $bridging->because($one)), $step->unmet)) }}">
    <div class="thumb"><button class="big" id="big" data-move="told-{{ count($step->unmet) }}" data-key="n">It is said</button></div>
</x-form>
@break
@case (Kind::Settled)
<div class="thumb"><a class="big" id="big" data-move="to-hand-over" data-key="n"
    href="{{ route('jobs.hand-over', $job) }}">On to handing over</a></div>
@endswitch
@endif
@if ($bridging->figures !== [] && $bridging->household->wants() !== [])
@php($figures = $bridging->figures[$bridging->policy()->value])
<dl class="facts">
    <div><dt>Paths</dt><dd>{{ $bridging->policy()->words() }}{{ $job->bridge_policy === null ? ', not chosen yet' : '' }}</dd></div>
    <div><dt>Wants met</dt><dd>{{ $figures->met }} of {{ $figures->wants }}</dd></div>
    <div><dt>Over a cloud</dt><dd>{{ $figures->cloud }}</dd></div>
    <div><dt>Boxes on the way</dt><dd>{{ count($figures->boxes) }}</dd></div>
</dl>
@endif
@php($conflicts = $bridging->torn())
@if ($conflicts !== [])
<div>
    <h3>One radio, two boxes</h3>
    <ul class="rows">
        @foreach ($conflicts as $line)<li><span>{{ $line }}</span></li>@endforeach
    </ul>
</div>
@endif
@include('bridge.left-over')
