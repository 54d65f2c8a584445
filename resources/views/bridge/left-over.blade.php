@foreach ($bridging->leftOver() as $left)
@php($where = $bridging->ecosystems[$left->ecosystem_key]->name ?? null)
<div class="note">
    <p>{{ $where === null ? 'A link between two boxes' : "A link into {$where}" }} is made, and no path leads over it any more.
        {{ $where === null ? '' : count($left->devices).' devices still show there by it, and would show twice.' }}
        Make and prove the new path first; then take the old one out at its box.</p>
    @if ($bench->mayWork())
    <x-form :action="route('jobs.bridge-links.destroy', [$job, $left->id])" method="delete">
        <button class="btn">It is taken out</button>
    </x-form>
    @endif
</div>
@endforeach
