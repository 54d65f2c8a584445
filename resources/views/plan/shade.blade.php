<defs>
<pattern id="shade-sound" width="0.5" height="0.5" patternUnits="userSpaceOnUse"><circle cx="0.12" cy="0.12" r="0.035"
    class="p-shade-dot"/><circle
    cx="0.37" cy="0.37" r="0.035" class="p-shade-dot"/></pattern>
<pattern id="shade-thin" width="0.4" height="0.4" patternUnits="userSpaceOnUse"><rect width="0.4" height="0.4" class="p-shade-thin"/><path
    d="M-0.1 0.1L0.1 -0.1M0 0.4L0.4 0M0.3 0.5L0.5 0.3" class="p-shade-hatch"/></pattern>
<pattern id="shade-lost" width="0.4" height="0.4" patternUnits="userSpaceOnUse"><rect width="0.4" height="0.4" class="p-shade-lost"/><path
    d="M-0.1 0.1L0.1 -0.1M0 0.4L0.4 0M0.3 0.5L0.5 0.3M0 0L0.4 0.4M-0.1 0.3L0.1 0.5M0.3 -0.1L0.5 0.1" class="p-shade-cross"/></pattern>
<clipPath id="shade-floors">@foreach ($drawing->floors as $points)<polygon points="{{ $points }}"/>@endforeach</clipPath>
</defs>
<g clip-path="url(#shade-floors)" class="p-shade">
@foreach ($drawing->shade->areas as $word => $pieces)
<path fill="url(#shade-{{ $word }})" d="@foreach ($pieces as $points)M{{ str_replace(' ', 'L', $points) }}z @endforeach"/>
@endforeach
<path d="{{ $drawing->shade->contours }}" class="p-contour"/>
</g>
