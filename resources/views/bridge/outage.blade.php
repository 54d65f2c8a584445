@use('Kavvel\Core\Bridging\OutageKind')
@php($link = fn ($one): string => $bench->url(['at' => "{$one->kind->value} {$one->id}", 'show' => null, 'slot' => null]))
@php($kinds = ['internet' => 'Outside', 'power' => 'Outside', 'box' => 'Boxes', 'router' => 'Others reach their hub through it'])
@php($before = null)
<div class="wants">
<div class="wants-scroll" id="outage-scroll" data-keeps-scroll tabindex="0" role="group" aria-label="Outages">
<table class="register outages"><caption class="visually-hidden">What stops without what</caption>
    <thead><tr><th scope="col">Without</th>
        @foreach ($bridging->ecosystems as $one)<th scope="col">{{ $one->name }}</th>@endforeach
    </tr></thead>
    <tbody>
    @foreach ($outages as $outage)
    @if ($kinds[$outage->kind->value] !== $before)
    @php($before = $kinds[$outage->kind->value])
    <tr class="wants-storey"><th colspan="{{ count($bridging->ecosystems) + 1 }}" scope="rowgroup">{{ $before }}</th></tr>
    @endif
    <tr @class(['is-chosen' => $outage === $chosen])>
        <th scope="row"><a href="{{ $link($outage) }}" @if ($outage === $chosen) aria-current="true" @endif>{{
            Str::ucfirst($outage->name) }}</a></th>
        @foreach ($bridging->ecosystems as $key => $one)
        @php($stops = count($outage->stopsIn($key)))
        @php($all = count(array_filter($bridging->plan()->worthwhile(), fn ($path) => $path->want->ecosystem === $key)))
        <td><span class="cell-of">{{ $one->name }}: </span>@if ($all === 0)<span class="quiet">nothing there</span>
            @elseif ($stops === 0)goes on
            @elseif (in_array($key, $outage->standing, true))<strong>stands still</strong>
            @else<strong>{{ $stops === $all ? 'all' : $stops }}</strong> of {{ $all }} stop{{ $stops === 1 ? 's' : '' }}@endif</td>
        @endforeach
    </tr>
    @endforeach
    </tbody>
</table>
<section class="reach">
    <h2>Network sheet <span class="quiet">no port is opened to the house</span></h2>
    <table class="register"><caption class="visually-hidden">Boxes in the network</caption>
        <thead><tr>
            @foreach (['Box', 'Segment, address', 'Has to talk with', 'Internet'] as $head)<th scope="col">{{ $head }}</th>@endforeach
        </tr></thead>
        <tbody>
        @foreach ($network as $need)
        @php($row = $bridging->boxes[$need->box] ?? null)
        @php($sheetLink = $bench->url(['lens' => 'boxes', 'at' => "box {$need->box}", 'show' => null]))
        <tr><th scope="row">@if ($row !== null)<a href="{{ $sheetLink }}">{{ $row->name }}</a>@else{{
            Str::ucfirst($bridging->boxName($need->box)) }}@endif</th>
            <td>@if ($row?->address === null)<span class="mark is-open">not noted</span>@else{{ implode(', ', array_filter([
                $row->segment, $row->address, $row->is_reserved ? 'reserved' : 'not reserved'])) }}@endif</td>
            <td><span class="cell-of">talks with </span>{{ implode(', ', $need->peers) }}</td>
            <td><span class="cell-of">internet: </span>{{ $need->needsInternet ? 'has to reach it' : 'needs none' }}</td></tr>
        @endforeach
        </tbody>
    </table>
</section>
</div>
</div>
