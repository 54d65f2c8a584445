@props(['title', 'job'])
@if (request()->headers->has('HX-Request'))
{{ $slot }}
@else
<x-job-page :title="$title" :job="$job">{{ $slot }}</x-job-page>
@endif
