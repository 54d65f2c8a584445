@foreach ($gatherings as $one)
@php($window = $one->window)
@php($left = $one->secondsLeft())
@if ($window !== null)
<section class="gather" aria-label="{{ $one->protocol->title() }} window">
    <p class="ear" role="status"><span class="ear-mark" aria-hidden="true"></span><span>{{ $window->state === 'opening'
        ? "Opening the {$one->protocol->title()} window" : "The {$one->protocol->title()} window is open for whatever is ready" }}</span>
        @if ($left !== null)
        <span class="end measure" data-seconds-left="{{ $left }}">{{ sprintf('%d:%02d left', intdiv($left, 60), $left % 60) }}</span>
        @endif
    </p>
    @if ($one->coming !== [])
    <p class="quiet">{{ count($one->coming) === 1 ? 'One is' : count($one->coming).' are' }} being let in.</p>
    @endif
    @if ($mayWork)
    <x-form :action="route('jobs.windows.destroy', [$job, $window->reference])" method="delete">
        <button class="btn w-full">Close the window</button></x-form>
    @endif
</section>
@elseif ($mayWork && $one->open > 1 && $one->hub->silentSince() === null)
<x-form :action="route('jobs.gatherings.store', $job)">
    <input type="hidden" name="protocol" value="{{ $one->protocol->value }}">
    <button class="btn w-full">Let in whatever is ready, {{ $one->protocol->title() }}</button>
</x-form>
@endif
@endforeach
