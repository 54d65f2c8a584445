@foreach ($words as $one)
<p class="note">{{ $one }}</p>
@endforeach
