<x-drawer title="Code" :job="$job">
    <p>{{ $credential->title() }}, {{ $of }}</p>
    <p class="measure !whitespace-normal break-all text-xl" id="secret">{{ $credential->shown() }}</p>
    <p class="note">This look is in the logbook.</p>
</x-drawer>
