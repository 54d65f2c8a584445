@use('Kavvel\Core\Bridging\Form')
@use('Kavvel\Core\Bridging\FormWords')
@use('Kavvel\Core\Bridging\FunctionTable')
@use('Kavvel\Core\Bridging\Wrapper')
@use('Kavvel\Core\Bridging\Wrapping')
@php($list = fn (array $words): string => $words === [] ? 'nothing' : implode(', ', $words))
@php($accepts = $one === null ? $sheet->accepts
    : array_diff($bridging->household->box($one->key)->box()->accepts, [Wrapper::formAt($one->key)]))
<dl class="facts">
    @if ($one?->gateway !== null)<div><dt>It is</dt><dd>{{ $one->gateway->name }}, a hub of this job</dd></div>@endif
    <div><dt>Takes in</dt><dd>{{ $list(array_values(array_map(FormWords::of(...), $accepts))) }}{{
        $one === null && $sheet->isHub ? ', and what its radios speak' : '' }}</dd></div>
    @foreach ($sheet->offers as $offer)
    @php($release = $one->matter_release ?? $offer->release?->text)
    <div><dt>{{ $loop->first ? 'Passes on as' : 'or' }}</dt><dd>{{ FormWords::of($offer->as) }}{{
        $offer->isCloud ? ', over a cloud' : '' }}{{
        $release !== null && Form::goesByRelease($offer->as) ? ", release {$release}" : '' }}{{
        $offer->drops === [] ? '' : ', without '.$list(array_map(FunctionTable::words(...), $offer->drops)) }}</dd></div>
    @endforeach
    @if ($sheet->wraps)
    <div><dt>Shows</dt><dd>one function as another where it is not known, such as tilt as {{ Wrapping::TiltAsCover->words() }}</dd></div>
    @endif
    @if ($one !== null)<div><dt>Firmware</dt><dd>{{ $one->firmware ?? 'not looked up' }}</dd></div>@endif
    <div><dt>Costs</dt><dd>{{ number_format($sheet->cost) }} once, {{ number_format($sheet->yearlyCost) }} a year</dd></div>
    @if ($sheet->mostDevices !== null)<div><dt>Devices</dt><dd>{{ $sheet->mostDevices }} at most</dd></div>@endif
    @if ($sheet->whenMakerStops !== '')<div><dt>Maker stops</dt><dd>{{ $sheet->whenMakerStops }}</dd></div>@endif
</dl>
