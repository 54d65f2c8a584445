@use('Kavvel\Core\Mesh\Verdict')
@php($link = fn (string $at): string => route('jobs.mesh', [$job, 'show' => 'what-if', 'lens' => $protocol->value, 'at' => $at ?: null]))
@php($say = fn ($change): string => match ($change->kind) {
    'off' => "the {$title($change->key)} without its supply",
    'relay' => 'a relay at the '.$places[$change->key],
    'wall' => 'the '.lcfirst($walls[$change->key]).' as '.lcfirst($change->as->words()),
    default => 'the hub at the '.$places[$change->key],
})
@php($isKept = in_array($words, array_map(fn ($one) => $one->kept->changes, $proposals), true))
@php($count = fn ($report, Verdict $verdict): int => $report->count($verdict))
@php($worse = count(array_filter($tried->effects, fn ($one) => $one->isWorse())))
@php($better = count(array_filter($tried->effects, fn ($one) => $one->isBetter())))
<div>
    <p class="over"><span>What if</span><span>{{ $protocol->title() }}</span></p>
    <h2>{{ match (true) {
        $tried->changes === [] => 'Try it before anybody climbs a ladder',
        $worse > 0 && $better > 0 => "{$better} get better, {$worse} worse",
        $worse > 0 => $worse === 1 ? 'One device gets worse' : "{$worse} devices get worse",
        $better > 0 => $better === 1 ? 'One device gets better' : "{$better} devices get better",
        default => 'Nobody stands otherwise',
    } }}</h2>
    <p class="why">{{ match (true) {
        $tried->changes === [] => 'Switch a router off, add a relay, move the hub, rebuild a wall. What was measured stays, but for what '
            .'the wall takes; links of what is new or moved are forecast.',
        $tried->rerouted === 0 => 'Nothing is changed in the house.',
        $tried->rerouted === 1 => 'One more takes another way, and stands as it did. Nothing is changed in the house.',
        default => "{$tried->rerouted} more take another way, and stand as they did. Nothing is changed in the house.",
    } }}</p>
</div>
@if ($tried->changes !== [])
<dl class="evidence">
    @foreach (['As read' => $tried->now, 'Then' => $tried->then->report] as $when => $report)
    <div><dt>{{ $when }}</dt><dd>{{ $count($report, Verdict::Lost) }} lost</dd><dd>{{ $count($report, Verdict::Thin) }} thin</dd></div>
    @endforeach
</dl>
<div>
    <h3>What is tried</h3>
    <ul class="rows tried">
        @foreach ($tried->changes as $change)
        <li><span>{{ Str::ucfirst($say($change)) }}</span>
            <a class="btn small" href="{{ $link(trim(str_replace(" {$change->word()} ", ' ', " {$words} "))) }}"
                aria-label="Not this: {{ $change->word() }}">Not this</a></li>
        @endforeach
    </ul>
</div>
@if ($bench->mayWork() && ! $isKept)
<x-form :action="route('jobs.mesh-proposals.store', $job)">
    <input type="hidden" name="protocol" value="{{ $protocol->value }}"><input type="hidden" name="changes" value="{{ $words }}">
    <button class="btn w-full">Keep it as a proposal</button>
</x-form>
@endif
@if ($tried->effects !== [])
<div><h3>Who stands otherwise</h3><ul class="rows">@include('mesh.changes', ['changes' => $tried->effects, 'now' => 'then'])</ul></div>
@endif
@endif
@includeWhen($proposals !== [], 'mesh.proposals')
<div class="tries">
    @foreach ($choices as $what => $options)
    <form action="{{ route('jobs.mesh', $job) }}" method="get">
        <input type="hidden" name="show" value="what-if"><input type="hidden" name="lens" value="{{ $protocol->value }}">
        <label class="field"><span>{{ $what }}</span><select name="at">
            @foreach ($options as $word => $option)
            <option value="{{ trim("{$words} {$word}") }}">{{ $option }}</option>
            @endforeach
        </select></label>
        <button class="btn" aria-label="Try it: {{ $what }}">Try it</button>
    </form>
    @endforeach
</div>
<div class="thumb"><a class="big" id="big" data-move="to-mesh" data-key="n"
    href="{{ route('jobs.mesh', [$job, 'lens' => $protocol->value]) }}">Back to what was read</a></div>
