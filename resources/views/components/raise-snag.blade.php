@props(['job', 'slotKey', 'text'])
<x-form :action="route('jobs.snags.store', $job)" to="#drawer">
    <input type="hidden" name="slot" value="{{ $slotKey }}">
    <input type="hidden" name="text" value="{{ $text }}">
    <button {{ $attributes->merge(['class' => 'btn small']) }}>Raise a snag</button>
</x-form>
