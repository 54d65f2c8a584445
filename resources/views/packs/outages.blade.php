<div class="together"><h2 class="next">4 · What stops without what</h2>
@if ($content->bridging === null)
<p>Nothing is used from elsewhere than the hub and by hand.</p>
@else
@php($paths = $content->bridging->plan()->worthwhile())
<p>By hand everything goes on as it stands on the wall. From elsewhere:</p>
<table><tr><th style="width: 34%">Without</th>
@foreach ($content->bridging->ecosystems as $one)<th>{{ $one->name }}</th>@endforeach
</tr>
@foreach ($content->outages as $outage)
<tr><td>{{ Str::ucfirst($outage->name) }}</td>
@foreach (array_keys($content->bridging->ecosystems) as $key)
@php($all = count(array_filter($paths, fn ($path) => $path->want->ecosystem === $key)))
@php($stops = count($outage->stopsIn($key)))
<td>{{ match (true) {
    $all === 0 => '–',
    in_array($key, $outage->standing, true) => 'stands still',
    $stops === 0 => 'goes on',
    default => ($stops === $all ? 'all' : $stops)." of {$all} stop".($stops === 1 && $all > 1 ? 's' : ''),
} }}</td>
@endforeach
</tr>
@endforeach
</table>
@endif
</div>
