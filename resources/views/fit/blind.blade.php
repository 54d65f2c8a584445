@use('Kavvel\Core\Fit\FitTask')
@use('Kavvel\Core\Fit\Hanging')
@use('Kavvel\Core\Fit\HangStep')
@php($key = $blind->key())
@php($mayWork = $bench->mayWork())
@php($hanging = $blind->core->hanging)
@php($next = $hanging->next())
<div>
    <p class="over"><span>Next move</span><span>{{ $wall->fitted() }} of {{ $wall->all() }} in place</span></p>
    <h2>{{ match (true) {
        $move->task === FitTask::Hang => $next->words(),
        $move->task === FitTask::TryByHand => "Try the {$blind->card->called} by hand",
        default => "The {$blind->card->called} is up",
    } }}</h2>
    <p class="why">{{ $blind->card->fullTitle() }}. {{ $move->task === FitTask::Hang ? $next->hint() : '' }}</p>
</div>
<ol class="rows steps">
    @foreach ($hanging->steps as $step)
    @php($done = $hanging->done[$step->value] ?? null)
    <li class="{{ $done !== null ? 'is-done' : ($step === $next ? 'is-current' : '') }}"><span class="n">{{ $loop->iteration }}</span>
        <span>{{ $step->words() }}</span>
        @php($isToday = $done?->at->format('Y-m-d') === now()->onSite()->toDateString())
        <span class="end measure">{{ $done?->at->format($isToday ? 'H:i' : 'j M') }}</span></li>
    @endforeach
</ol>
@if ($hanging->fixing === Hanging::ADHESIVE)
<p class="note">Adhesive holds it, for trying only. Screws before it is handed over.</p>
@endif
@if ($blind->card->profile->caution !== '')
<p class="note">{{ $blind->card->profile->caution }}</p>
@endif
@if ($mayWork && $move->task === FitTask::Hang)
@php($isBlind = $blind->card->profile->blindSheet !== null)
@foreach (match (true) {
    $next !== HangStep::Mounted => ['' => Str::ucfirst($next->done())],
    $isBlind => [Hanging::SCREWS => 'Screws hold it', Hanging::ADHESIVE => 'Adhesive, to try'],
    default => [Hanging::SCREWS => 'Screws hold it'],
} as $fixing => $words)
<x-form :action="route('jobs.slots.hang-steps.store', [$job, $key])" class="holds-thumb">
    <input type="hidden" name="hang_step" value="{{ $next->value }}"><input type="hidden" name="fixing" value="{{ $fixing }}">
    @if ($loop->first)
    <div class="thumb"><button class="big" id="big" data-move="{{ $next->value }}-{{ $key }}" data-key="n">{{ $words }}</button></div>
    @else
    <button class="btn">{{ $words }}</button>
    @endif
</x-form>
@endforeach
@elseif ($mayWork && $move->task === FitTask::TryByHand)
<p>{{ $blind->card->profile->blindSheet !== null ? 'By its own key: up, stop half-way, down.'
    : 'By hand and by its own key, from both sides.' }} No hub, no app.</p>
@include('fit.hand-trial')
@else
<div class="thumb"><a class="big" id="big" data-move="on-{{ $key }}" data-key="n" href="{{ route('jobs.fit', $job) }}">To the next
    move</a></div>
@endif
@include('fit.to-settings', ['of' => $blind->card])
@if ($mayWork && $hanging->done !== [])
@if ($hanging->fixing === Hanging::ADHESIVE)
<x-form :action="route('jobs.slots.hang-steps.store', [$job, $key])">
    <input type="hidden" name="hang_step" value="mounted"><input type="hidden" name="fixing" value="screws">
    <button class="btn">Screws hold it now</button>
</x-form>
@endif
<details id="not-yet"><summary>Something is not so after all</summary>
    @foreach ($hanging->steps as $step)
    @if (isset($hanging->done[$step->value]))
    <x-form :action="route('jobs.slots.hang-steps.destroy', [$job, $key])" method="delete" class="mt-2">
        <input type="hidden" name="hang_step" value="{{ $step->value }}">
        <button class="btn plain">Not {{ $step->done() }}</button>
    </x-form>
    @endif
    @endforeach
</details>
@endif
@include('fit.then')
