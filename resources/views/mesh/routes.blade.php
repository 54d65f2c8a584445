@use('Kavvel\Core\Radio\Margin')
@php($worse = array_filter($routes, fn ($one) => $one->isWorse()))
@php($way = fn (array $path): string => count($path) === 2
    ? 'straight'
    : 'over the '.implode(', the ', array_map($title, array_slice($path, 1, -1))))
@foreach ($worse as $one)
<p class="note"><strong>The hub goes to the {{ $title($one->id) }} {{ $way($one->path) }}{{ $one->isBroken()
    ? ', and the '.$title($one->missing).' is not heard there' : '' }}.</strong>
    {{ Str::ucfirst($way($one->best)) }} is {{ $one->isBroken() ? 'there' : 'better' }}: {{ Margin::text($one->bestDb) }}{{
        $one->weakestDb === null ? '' : ' instead of '.Margin::text($one->weakestDb) }}. Have the hub look for its ways anew.</p>
@endforeach
<details id="hub-routes"><summary>The ways that the hub goes</summary>
    <ul class="rows">
        @foreach ($routes as $one)
        <li><span>{{ Str::ucfirst($title($one->id)) }}</span>
            <span class="end quiet">{{ $way($one->path) }}, {{ $one->weakestDb === null ? 'broken'
                : Margin::text($one->weakestDb) }}</span></li>
        @endforeach
    </ul>
</details>
