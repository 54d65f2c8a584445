<div class="wants">
<div class="wants-scroll" id="control-scroll" data-keeps-scroll tabindex="0" role="group" aria-label="Circuits and entrances">
@forelse ($wiring->reach as $key => $reach)
<section class="reach">
    <h2><a href="{{ $bench->url(['lens' => 'circuits', 'at' => (string) $key]) }}">{{ $reach->circuit->label }}</a>
        <span class="quiet">{{ $reach->ways === [] ? 'nothing switches it' : ($reach->worksWithoutHub() ? 'works without the hub'
            : 'only over the hub') }}</span></h2>
    <div class="reach-doors">
        @foreach ($reach->entrances as $one)
        @php($door = "{$key} {$one->room} {$one->opening}")
        <a class="door is-{{ $one->best()->value ?? ($wiring->mayStayDark((string) $key, $one) ? 'left' : 'dark') }}"
            href="{{ $bench->url(['lens' => 'control', 'at' => $door]) }}" @if ($at === $door) aria-current="true"
            @endif><span>{{ Str::ucfirst($wiring->way($one)) }}</span><strong>{{ $wiring->told((string) $key, $one) }}</strong></a>
        @endforeach
    </div>
</section>
@empty
<p class="quiet p-4">No circuit for light is noted yet.</p>
@endforelse
</div>
<div class="legend">
    <span><i class="door-mark is-wire" aria-hidden="true"></i>by wire</span>
    <span><i class="door-mark is-direct" aria-hidden="true"></i>from device to device</span>
    <span><i class="door-mark is-hub" aria-hidden="true"></i>over the hub</span>
    <span><i class="door-mark is-dark" aria-hidden="true"></i>dark</span>
</div>
</div>
