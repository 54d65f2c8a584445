@use('Kavvel\Core\Proving\Outcome')
<div><h2 class="next">5 · What is used from elsewhere</h2>
@if ($content->bridging === null)
<p>Everything is used by hand and from its hub.</p>
@else
@php($bridging = $content->bridging)
<p class="quiet lead">“Shown” was tried there as the client uses it. “Open” means not shown yet.</p>
<table><thead><tr><th style="width: 40%">Device</th>
@foreach ($bridging->ecosystems as $one)<th>{{ $one->name }}</th>@endforeach
</tr></thead>
@foreach ($content->reached as $row)
<tr><td>{{ $row->name }}</td>
@foreach (array_keys($bridging->ecosystems) as $key)
<td class="rung {{ ($row->shown[$key] ?? null) === Outcome::Passed ? '' : 'quiet' }}">{{ ! array_key_exists($key, $row->shown) ? '–'
    : match ($row->shown[$key]) {
        Outcome::Passed => 'shown', Outcome::Failed => 'FAILED', Outcome::NotTested => 'not tested', null => 'open',
    } }}</td>
@endforeach
</tr>
@endforeach
</table>
@endif
</div>
@if ($content->bridging !== null && $content->bridging->plan()->impossible !== [])
<div class="together"><h3>What was wanted, and does not get there</h3>
<table><tr><th style="width: 30%">Device</th><th>Why</th><th style="width: 22%">Told</th></tr>
@foreach ($content->bridging->plan()->impossible as $one)
@php($told = $content->bridging->told($one))
<tr><td>{{ Str::ucfirst($content->bridging->device($one->want->device)->name) }}</td><td>{{ $content->bridging->because($one) }}</td>
    <td>{{ $told === null ? 'not yet' : $told->told_at->onSite()->format('j M Y').", {$told->told_by}" }}</td></tr>
@endforeach
</table></div>
@endif
