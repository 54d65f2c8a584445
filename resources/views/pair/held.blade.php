@php($in = $held->holder_name !== '' ? $held->holder_name : $held->holder->words())
<p class="note"><strong>{{ $held->holder === Kavvel\Core\Existing\Holder::Unknown && $held->holder_name === ''
    ? 'It is in a network still, nobody knows in which.' : "It is still in {$in}." }}</strong> It can’t come in before it has left.</p>
@include('existing.way-out', ['device' => $heldDevice])
