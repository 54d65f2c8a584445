@use('Kavvel\Core\Fit\IsolationState')
@php($slot = $card->slot)
@php($work = $slot->work)
@php($box = $work?->box($slot->key()))
@php($record = $work?->record($slot->key()))
@php($isOn = $work?->off === null)
@php($lock = $box === null ? null : $work->locks[$box->opened->by] ?? null)
<div id="fit-dead" data-keeps-scroll tabindex="0" role="group" aria-label="Isolation" class="fit-middle">
@if ($slot->circuit === null)
    <p class="quiet">Nobody has said which circuit feeds the {{ $slot->card->called }}.</p>
@else
@if ($work !== null)
<div class="fit-verdict is-{{ match ($record?->state()) {
    IsolationState::ProvedDead => 'fits', IsolationState::Live => 'does-not-fit', default => 'fits-if',
} }}">{{ match (true) {
    $record?->state() === IsolationState::ProvedDead => 'Proved dead',
    $record?->state() === IsolationState::Live => 'Live',
    $work->off !== null => 'Off, not proved dead here',
    default => 'Live until it is switched off',
} }}</div>
@if ($record !== null && $record->gaps() !== [])
<p class="quiet">{{ $record->gaps()[0]->words() }}</p>
@endif
@endif
<div class="drawn" tabindex="0" role="group" aria-label="Drawing">
<svg class="feed" viewBox="0 0 900 170" role="img" aria-label="“{{ $slot->circuit->label }}” {{ $isOn ? 'on' : 'off' }}{{
    $lock === null ? '' : ', locked' }}">
    <rect class="f-board" x="20" y="20" width="210" height="130" rx="6"/>
    <text class="s-text" x="36" y="46">{{ $slot->circuit->breaker ?: 'breaker not noted' }}</text>
    <rect class="f-breaker" x="36" y="62" width="70" height="72" rx="4"/>
    <rect class="f-lever" x="50" y="{{ $isOn ? 68 : 100 }}" width="42" height="28" rx="3"/>
    <text class="s-text is-big" x="122" y="{{ $isOn ? 88 : 120 }}">{{ $isOn ? 'on' : 'off' }}</text>
    @if ($lock !== null)
    <path class="f-lock" d="M172 96v-8a12 12 0 0 1 24 0v8M166 96h36v30h-36z"/>
    @endif
    <path class="f-cable {{ $isOn ? 'is-live' : '' }}" d="M230 85H640"/>
    <text class="s-text" x="435" y="66" text-anchor="middle">{{ $work?->liveV === null ? 'not read live yet'
        : 'read live: '.round($work->liveV, 1).' V' }}</text>
    @if ($lock?->isTagged)
    <path class="f-tag" d="M270 112h150l14 14-14 14H270z"/><text class="s-text is-small" x="282" y="131">{{ $lock->put->by }}</text>
    @endif
    <rect class="s-box" x="640" y="30" width="240" height="110" rx="4"/>
    <text class="s-text" x="760" y="80" text-anchor="middle">{{ $slot->card->title() }}</text>
    <text class="s-text is-small" x="760" y="106" text-anchor="middle">{{ $box === null ? 'not begun'
        : ($box->isOpen() ? "open, {$box->opened->by}" : 'shut') }}</text>
</svg>
</div>
@if ($box === null)
<ol class="rows steps two-columns">
    @foreach (Kavvel\Core\Fit\WorkStep::row($slot->isTwoWay(), ! $isOn) as $one)
    <li @if ($one === $card->step) class="is-current" @endif><span class="n">{{ $loop->iteration }}</span><span>{{ $one->words()
        }}</span></li>
    @endforeach
</ol>
@else
@php($names = $box->conductors)
<div class="drawn" tabindex="0" role="group" aria-label="Pairs">
<table class="pairs"><caption>Every conductor to every other, volts</caption>
    <thead><tr><td></td>@foreach (array_slice($names, 1) as $name)<th scope="col">{{ $name }}</th>@endforeach</tr></thead>
    @foreach (array_slice($names, 0, -1) as $row => $a)
    <tr><th scope="row">{{ $a }}</th>
        @foreach (array_slice($names, 1, null, true) as $column => $b)
        @php($reading = $column > $row ? $box->reading($a, $b) : null)
        <td class="{{ $column <= $row ? 'is-none' : ($reading === null ? ($box->nextPair() === [$a, $b] ? 'is-next' : '')
            : ($reading->volts > 0 ? 'is-wrong' : 'is-dead')) }}">{{ $column <= $row ? '' : ($reading === null ? '–'
            : round($reading->volts, 1)) }}</td>
        @endforeach
    </tr>
    @endforeach
</table>
</div>
<dl class="fit-numbers">
    <div><dt>Detector before</dt><dd>{{ $box->before->words() }}</dd></div>
    <div><dt>Pairs</dt><dd>{{ count($box->dead) }} of {{ count(Kavvel\Core\Fit\Isolation::pairs($names)) }}</dd></div>
    <div><dt>Detector after</dt><dd>{{ $box->after->words() }}</dd></div>
</dl>
@endif
@endif
</div>
