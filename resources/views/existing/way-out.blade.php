{{-- $device: one that was there before --}}
@php($way = $device->wayOut())
@foreach ($way->cautions as $caution)
<p class="note">{{ $caution }}</p>
@endforeach
@if ($way->isNeeded())
<ol class="rows steps">
    @foreach ($way->steps as $number => $step)
    <li><span class="n">{{ $number + 1 }}</span><span>{{ $step }}</span></li>
    @endforeach
</ol>
@else
<p class="quiet">It is in no network: there is nothing to leave.</p>
@endif
