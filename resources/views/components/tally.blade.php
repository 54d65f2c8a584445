@props(['tally'])
<p class="tally" role="group" aria-label="How far the job is">
    @foreach ($tally->words() as $name => $words)
    <span class="is-{{ $name }}">{{ $words }}</span>
    @endforeach
</p>
