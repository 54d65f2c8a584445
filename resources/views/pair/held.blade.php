@php($in = $held->holder_name !== '' ? $held->holder_name : $held->holder->words())
<p class="note"><strong>It is still in {{ $in }}.</strong> It can’t come in before it has left.</p>
@include('existing.way-out', ['device' => $heldDevice])
