@if ($steps !== [])
<details id="{{ $id }}"><summary>{{ count($steps) }} {{ $word }}</summary>
<ol class="rows steps">
    @foreach ($steps as $step)
    @php($done = $run->done[$step] ?? null)
    <li @class(['is-done' => $done !== null])><span class="n">{{ $done === null ? $step + 1 : '✓' }}</span><span>{{
        $run->acts[$step]->say }}
        @if ($done !== null)<span class="quiet">{{ $done->note === '' ? '' : "{$done->note}, " }}{{ $done->by }}</span>@endif</span></li>
    @endforeach
</ol>
</details>
@endif
