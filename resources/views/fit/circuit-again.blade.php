<details id="other-circuit"><summary>It hangs on another circuit</summary>
<div class="mt-2">@include('fit.circuit-choice', ['but' => $slot->circuit?->key])</div></details>
