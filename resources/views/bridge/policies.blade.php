@use('Kavvel\Core\Bridging\Policy')
@php($isChosen = $bridging->sheet->job->bridge_policy === $policy)
@php($boxName = fn (string $id): string => $bridging->household->box($id)?->name ?? $bridging->sheet->card($id)?->calledInRoom() ?? $id)
<a class="btn plain !justify-start" href="{{ $bench->url(['show' => null, 'at' => null]) }}" data-key="n">← Back to the move</a>
<div>
    <p class="over"><span>By which paths</span><span>{{ $isChosen ? 'chosen' : '' }}</span></p>
    <h2>{{ $policy->words() }}</h2>
    <p class="why">{{ $policy->why() }}</p>
</div>
<table class="register policies"><caption class="visually-hidden">The three ways side by side</caption>
    <thead><tr><th scope="col"><span class="visually-hidden">What</span></th>
        @foreach (Policy::cases() as $one)
        <th scope="col" @class(['is-current' => $one === $policy])>{{ $one->words() }}</th>
        @endforeach
    </tr></thead>
    <tbody>
    @foreach ([
        "Met, of {$bridging->figures[$policy->value]->wants}" => fn ($f) => (string) $f->met,
        'By cloud' => fn ($f) => (string) $f->cloud,
        'Lost' => fn ($f) => (string) $f->lost,
        'Boxes' => fn ($f) => (string) count($f->boxes),
        'To buy' => fn ($f) => (string) count($f->plan->buying->ids()),
        'Now' => fn ($f) => number_format($f->plan->buying->cost),
        'A year' => fn ($f) => number_format($f->plan->buying->yearlyCost),
    ] as $what => $say)
    @php($values = array_map($say, $bridging->figures))
    <tr @class(['differs' => count(array_unique($values)) > 1])><th scope="row">{{ $what }}</th>
        @foreach (Policy::cases() as $one)
        <td @class(['is-current' => $one === $policy])>{{ $values[$one->value] }}</td>
        @endforeach
    </tr>
    @endforeach
    </tbody>
</table>
@if ($bench->mayWork() && ! $isChosen)
<x-form :action="route('jobs.bridge-policy.update', $job)" method="put">
    <input type="hidden" name="policy" value="{{ $policy->value }}">
    <input type="hidden" name="seen" value="{{ $bridging->sheet->job->bridge_policy?->value }}">
    <div class="thumb"><button class="big" id="big" data-move="policy-{{ $policy->value }}">Take it</button></div>
</x-form>
@endif
@php($differences = $bridging->differences($policy))
@if ($differences !== [])
<div>
    <h3>What goes otherwise than by {{ mb_strtolower($bridging->policy()->words()) }}</h3>
    <ul class="rows">
        @foreach ($differences as $line)<li><span>{{ $line }}</span></li>@endforeach
    </ul>
</div>
@elseif ($policy !== $bridging->policy())
<p class="quiet">In this house it comes to the same paths as {{ mb_strtolower($bridging->policy()->words()) }}.</p>
@endif
@if ($plan->buying->ids() !== [])
<p class="note">To buy: {{ implode(', ', array_map($boxName, $plan->buying->ids())) }}. Of all that could be bought it is the cheapest
    that meets as many wants as everything together.</p>
@endif
<p class="quiet">Whatever is chosen, a path that does what is wanted goes before one that does not, and a lock or an alarm never hangs on a
    cloud.</p>
