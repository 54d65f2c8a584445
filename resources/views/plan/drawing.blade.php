@php($link = fn (array $plate): string => count($plate['keys']) > 1
    ? $bench->url(['stack' => implode(' ', $plate['keys']), 'slot' => null])
    : $bench->url([$drawing->isArranged ? 'next' : 'slot' => $plate['key'], 'storey' => null]))
<svg class="plan" viewBox="{{ $drawing->viewBox() }}" preserveAspectRatio="xMidYMid meet" role="group"
    aria-label="Plan of {{ $drawing->name }}. The list says the same in words." data-job="{{ $job->key }}"
        data-storey="{{ $drawing->storey }}"
        @if ($drawing->shade !== null) data-grid="{{ json_encode($drawing->shade->grid) }}"
        data-radio="{{ $bench->url(['at' => '@']) }}" data-radio-words="{{ json_encode($drawing->shade->words) }}" @endif>
@include('plan.shapes')
</svg>
@includeWhen($drawing->isArranged && $bench->mayWork(), 'name.drag')
