@use('Kavvel\Core\Bridging\MigrationStep')
@foreach ($bridging->leftOver() as $left)
@php($migration = $bridging->migrations()[$left->id])
@php($where = $bridging->ecosystems[$left->ecosystem_key]->name ?? null)
<div class="note">
    <p>{{ $where === null ? 'A link between two boxes' : "A link into {$where}" }} is made, and no path leads over it any more.
        {{ $where === null ? '' : count($left->devices).' devices still show there by it, and would show twice.' }}
        Next of that: {{ lcfirst($migration->step->words()) }}{{ $migration->step === MigrationStep::Prove
            ? ', '.count($migration->unproved).' of '.count($migration->moving).' to go' : '' }}.</p>
    <a class="btn" href="{{ $bench->url(['at' => "old {$left->id}", 'slot' => null]) }}">Look at it</a>
</div>
@endforeach
