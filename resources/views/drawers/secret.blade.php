<x-drawer title="Code" :job="$job">
    <p>{{ $credential->label }}, {{ $slot->title() }}</p>
    <p class="measure !whitespace-normal break-all text-xl" id="secret">{{ $credential->secret }}</p>
    <p class="note">This look is in the logbook.</p>
</x-drawer>
