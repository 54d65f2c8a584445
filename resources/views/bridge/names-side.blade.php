@php($total = array_sum($minutes))
<div>
    <p class="over"><span>{{ $ecosystem->name ?? 'Names and rooms' }}</span><span>{{ $total === 0 ? ''
        : "{$total} min by hand" }}</span></p>
    <h2>{{ match (true) {
        $columns === [] => 'No ecosystem is noted',
        $waiting > 0 => 'Name them at the source first',
        default => 'Names go along as they stand',
    } }}</h2>
    <p class="why">{{ match (true) {
        $columns === [] => 'Names are looked after in whatever the client uses: note it first.',
        $waiting > 0 => 'What has no name yet shows there under a code of its kind. Most platforms keep the first name that they get.',
        default => 'What is linked shows under its name. What is linked later is set when it is there.',
    } }}</p>
</div>
@if ($bench->mayWork())
@if ($columns === [])
<div class="thumb"><a class="big" id="big" data-move="add-ecosystem" data-key="n"
    href="{{ $bench->url(['lens' => 'boxes', 'at' => 'add ecosystem']) }}">Note an ecosystem</a></div>
@elseif ($waiting > 0)
<div class="thumb"><a class="big" id="big" data-move="to-names" data-key="n" href="{{ route('jobs.name', $job) }}">To the names</a></div>
@else
<div class="thumb"><a class="big" id="big" data-move="to-paths" data-key="n"
    href="{{ $bench->url(['lens' => 'paths', 'at' => null]) }}">On with the links</a></div>
@endif
@endif
@foreach ($bridging->ecosystems as $one)
@if ($one->url !== null && $bench->mayWork())
<x-form :action="route('jobs.ecosystems.readings.store', [$job, $one->key])">
    <input type="hidden" name="lens" value="names">
    <button class="btn w-full">{{ $one->isAsked() ? "{$one->name} is being asked…" : "Read what {$one->name} shows" }}</button></x-form>
@endif
@if ($one->read_refused !== null)<p class="note danger" role="alert">{{ $one->read_refused }}</p>@endif
@endforeach
