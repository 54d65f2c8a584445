@use('Kavvel\Core\Bridging\OutageKind')
@php($at = "{$chosen->kind->value} {$chosen->id}")
@php($nameOf = fn ($path): string => $bridging->ecosystems[$path->want->ecosystem]->name)
@php($grouped = fn (array $paths): array => collect($paths)->groupBy($nameOf)->all())
@php($isThing = in_array($chosen->kind, [OutageKind::Box, OutageKind::Router], true))
@php($name = $isThing ? "the {$chosen->name}" : mb_strtolower($chosen->name))
<div>
    <p class="over"><span>Outage</span><span>{{ count($chosen->stops) }} stop, {{ count($chosen->goesOn) }} go on</span></p>
    <h2>Without {{ $name }}</h2>
    <p class="why">{{ match ($chosen->kind) {
        OutageKind::Internet => 'What goes over an account stops, and so does a platform that listens from afar. What the hub does by '
            .'itself and what a hand does goes on.',
        OutageKind::Power => 'Boxes and ecosystems are out; mains devices too. A lock still opens from inside by hand, and an alarm with a '
            .'battery still sounds.',
        OutageKind::Box => 'What leads over it stops. Switches on the wall go on.',
        OutageKind::Router => 'It relays for others: by the last reading they have no other way.',
    } }}</p>
</div>
<a class="btn" href="{{ $bench->url(['at' => $at, 'show' => $isOnPlan ? null : 'plan', 'slot' => null]) }}">{{ $isOnPlan ? 'See the table'
    : 'See it on the plan' }}</a>
@foreach (['Stops' => $chosen->stops, 'Goes on' => $chosen->goesOn] as $title => $paths)
@if ($paths !== [])
<details id="outage-{{ Str::slug($title) }}" @if ($title === 'Stops') open @endif><summary>{{ $title }}, {{ count($paths) }}</summary>
@foreach ($grouped($paths) as $ecosystem => $some)
<h3>{{ $ecosystem }}</h3>
<ul class="rows">
    @foreach ($some as $path)<li><span>{{ Str::ucfirst($bridging->device($path->want->device)->name) }}</span></li>@endforeach
</ul>
@endforeach
</details>
@endif
@endforeach
