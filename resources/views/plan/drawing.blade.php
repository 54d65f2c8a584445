<svg class="plan" viewBox="{{ $drawing->viewBox() }}" preserveAspectRatio="xMidYMid meet" role="group" aria-label="Plan of {{ $drawing->name }}. The list says the same in words." data-job="{{ $bench->sheet->job->key }}" data-storey="{{ $drawing->storey }}">
@include('plan.shapes', ['link' => fn (array $plate): string => count($plate['keys']) > 1 ? route('jobs.survey', ['job' => $bench->sheet->job, 'stack' => implode(' ', $plate['keys'])]) : $bench->url(['slot' => $plate['key'], 'storey' => null])])
</svg>
