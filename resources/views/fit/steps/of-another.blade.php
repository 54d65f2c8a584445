<p>Only {{ $box->opened->by }} goes on there. Other boxes of this circuit are free, each with your own lock on the breaker.</p>
@php($free = $card->stop->of(Kavvel\Core\Fit\FitStanding::Ready))
@if ($free !== [])
<div class="thumb"><a class="big" id="big" data-move="other-box" data-key="n"
    href="{{ $bench->url(['next' => $free[0]->key, 'lens' => null]) }}">To the {{ $wall->title($free[0]->key) }}</a></div>
@else
<div class="thumb"><a class="big" id="big" data-move="other-circuit" data-key="n"
    href="{{ $bench->url(['next' => null, 'lens' => null]) }}">To the next move</a></div>
@endif
@include('fit.take-over')
