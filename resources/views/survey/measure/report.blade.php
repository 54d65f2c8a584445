@use('Kavvel\Core\Measuring\Fit')
@php($verdict = $report->verdict())
<details id="fit-{{ $profile->key }}" @if ($isOpen) open @endif><summary>{{ $profile->name }}:
    {{ match ($verdict) { Fit::Fits => 'fits', Fit::No => 'does not fit', Fit::Unmeasured => 'not measured yet' } }}</summary>
<ul class="rows">
    @foreach ([Fit::No, Fit::Unmeasured, Fit::Fits] as $fit)
    @foreach ($report->all($fit) as $finding)
    <li><span class="@if ($fit === Fit::No) finding-no @elseif ($fit === Fit::Fits) quiet @endif">{{ $finding->words }}</span>
        <span class="end">{{ match ($fit) { Fit::Fits => 'fits', Fit::No => 'no', Fit::Unmeasured => 'measure' } }}</span></li>
    @endforeach
    @endforeach
</ul>
</details>
