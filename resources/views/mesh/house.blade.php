@php($fit = $house->fit)
@php($db = fn (?float $value): string => $value === null ? '–' : str_replace('-', '−', number_format($value, 1)).' dB')
@php($mayLead = $bench->user->can('lead', $job) && $bench->mayWork())
<div>
    <p class="over"><span>Plan against measured</span><span>{{ $fit->links }} links</span></p>
    @if (! $fit->isUsed)
    <h2>Too few links to judge the house</h2>
    <p class="why">{{ $fit->links === 1 ? 'One usable link' : "{$fit->links} usable links" }}: under six nothing is fitted, and forecasts go
        by what is usual. Read the radios, and again where devices have come in or moved.</p>
    @elseif ($house->isNews())
    <h2>Let the forecasts go by this house</h2>
    <p class="why">As they are, they are off by {{ $db($fit->rmseBeforeDb) }}. With the furniture and people that its links show
        {{ $fit->obstacles === [] ? '' : 'and without those that something hidden is in the way of ' }}they are off by
        {{ $db($fit->rmseDb) }}.</p>
    @else
    <h2>The forecasts go by this house</h2>
    <p class="why">They are off by {{ $db($fit->rmseDb) }}, as its links show.</p>
    @endif
</div>
@if ($fit->isUsed)
<dl class="evidence">
    @foreach (['Now' => [$fit->rmseBeforeDb, $house->now], 'By the links' => [$fit->rmseDb, $fit->clutter]] as $when => [$rmse, $clutter])
    <div>
        <dt>{{ $when }}</dt><dd>{{ $db($rmse) }} off</dd>
        <dd class="quiet">{{ $db($clutter->constantDb) }} and {{ number_format($clutter->dbPerMetre, 2) }} for each m</dd>
    </div>
    @endforeach
</dl>
@endif
<div class="thumb">
    @if ($fit->isUsed && $house->isNews() && $mayLead)
    <x-form :action="route('jobs.calibration.store', $job)">
        <input type="hidden" name="constant" value="{{ round($fit->clutter->constantDb, 2) }}">
        <input type="hidden" name="slope" value="{{ round($fit->clutter->dbPerMetre, 2) }}">
        <input type="hidden" name="lock_version" value="{{ $job->lock_version }}">
        <button class="big" id="big" data-move="calibrate" data-key="n">Let forecasts go by it</button>
    </x-form>
    @else
    <a class="big" id="big" data-move="to-mesh" data-key="n" href="{{ route('jobs.mesh', $job) }}">Back to the mesh</a>
    @endif
</div>
@if ($fit->isUsed && $house->isNews() && ! $mayLead)
<p class="note">A lead lets the forecasts of this job go by it.</p>
@endif
@include('mesh.hidden')
@if ($house->paths !== [])
<details id="every-link"><summary>Every link, forecast and measured</summary>
    <table class="breakdown links"><caption class="visually-hidden">Every link, forecast and measured</caption>
        <thead><tr><th scope="col">Link</th><th scope="col">Forecast</th><th scope="col">Measured</th></tr></thead><tbody>
        @foreach ($house->paths as $path)
        <tr><td>{{ Str::ucfirst($title($path->pair->a->key)) }} – {{ $title($path->pair->b->key) }}
            <span class="quiet">{{ number_format($path->pair->distanceM, 1) }} m</span></td>
            <td>{{ $db($path->forecastDb($house->now)) }}</td><td>{{ $db($path->measuredDb) }}</td></tr>
        @endforeach
    </tbody></table>
</details>
@endif
@if ($fit->isUsed && $house->isNews() && $mayLead)
<a class="btn w-full" href="{{ route('jobs.mesh', $job) }}">Back to the mesh</a>
@endif
