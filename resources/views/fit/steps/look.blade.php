@php($source = $work->nextSource())
<ul class="rows">
    @foreach ($work->sources as $one => $found)
    <li><span>{{ Kavvel\Core\Fit\EnergySource::from($one)->words() }}</span><span class="end">{{ $found->value === 'none' ? 'none'
        : 'off too' }}</span></li>
    @endforeach
</ul>
@foreach (['none' => 'None', 'isolated' => 'There, and off and locked too'] as $found => $words)
<x-form :action="$act()" class="holds-thumb">
    <input type="hidden" name="act" value="look"><input type="hidden" name="slot" value="{{ $key }}">
    <input type="hidden" name="source" value="{{ $source->value }}"><input type="hidden" name="found" value="{{ $found }}">
    @if ($loop->first)
    <div class="thumb"><button class="big" id="big" data-move="look-{{ $source->value }}" data-key="n">{{ $words }}</button></div>
    @else
    <button class="btn">{{ $words }}</button>
    @endif
</x-form>
@endforeach
