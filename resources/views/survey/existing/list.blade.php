@use('Kavvel\Core\Existing\ExistingStanding')
@php($link = fn (string $at): string => $bench->url(['lens' => 'existing', 'at' => $at]))
@php($geometry = $sheet->geometry)
@php($of = fn (string $room): array => array_filter($existing->rows, fn ($row) => $row->room === $room))
@php($here = array_column($geometry->rooms, 'key'))
@php($gone = array_filter($existing->rows, fn ($row) => ! in_array($row->room, $here, true)))
@php($groups = array_filter([
    ...array_map(fn ($room) => [$geometry->roomTitle($room), $of($room['key'])], $geometry->rooms), ['No room of the plan', $gone],
], fn ($group) => $group[1] !== []))
<div class="wants">
<div class="wants-scroll" id="existing-scroll" data-keeps-scroll tabindex="0" role="group" aria-label="What is there already">
@foreach ($groups as [$title, $rows])
<section class="reach">
    <h2>{{ $title }}</h2>
    <div class="reach-doors">
        @foreach ($rows as $row)
        @php($device = $existing->devices[$row->key])
        @php($standing = $device->standing())
        <a class="door has-chip is-{{ match ($standing) {
            ExistingStanding::ToLeave, ExistingStanding::ToPlan => 'dark',
            ExistingStanding::Stays => 'wire',
            ExistingStanding::Done => 'done',
        } }}" href="{{ $link($row->key) }}" @if ($at === $row->key) aria-current="true" @endif>
            @chip($row->protocol)<span>{{ Str::ucfirst($row->what) }}</span><strong>{{ $standing->words($device->fate) }}</strong></a>
        @endforeach
    </div>
</section>
@endforeach
@if ($existing->rows === [])
<p class="quiet p-4">Nothing is noted yet. Walk through the rooms once, and ask for every app on the client’s phone.</p>
@endif
</div>
<div class="legend">
    <span><i class="door-mark is-dark" aria-hidden="true"></i>to be done before pairing</span>
    <span><i class="door-mark is-wire" aria-hidden="true"></i>stays as it is</span>
    <span><i class="door-mark is-done" aria-hidden="true"></i>out, or free to be paired</span>
</div>
</div>
