@use('Kavvel\Core\Bridging\FunctionTable')
{{-- What the hub can make of it, where a want is not met. --}}
@foreach ($bridging->wrappable($one) as $way)
<x-form :action="route('jobs.wrappers.store', $job)">
    <input type="hidden" name="slot" value="{{ $way->want->device }}">
    <input type="hidden" name="ecosystem" value="{{ $way->want->ecosystem }}">
    <input type="hidden" name="wrapping" value="{{ $way->wrapping->value }}">
    <button class="btn">Show its {{ FunctionTable::words($way->wrapping->of()) }} as {{ $way->wrapping->words() }}</button>
</x-form>
@endforeach
