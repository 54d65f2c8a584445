@use('Kavvel\Core\Bridging\Policy')
@use('App\Stations\Bridge\Diagram')
@php($figures = $bridging->figures[$policy->value])
@php($shown = $policy === $bridging->policy() ? null : $policy->value)
@php($row = fn ($one): string => $bench->url(['show' => $shown, 'at' => "row {$one->id}", 'slot' => null]))
<div class="bridge" data-pans="no">
    <div class="bridge-top">
        <nav class="keys" aria-label="By which paths">
            @foreach (Policy::cases() as $one)
            <a href="{{ $bench->url(['show' => $one->value, 'at' => 'policies', 'slot' => null]) }}"
                @if ($one === $policy) aria-current="true" @endif>{{ $one->words() }}</a>
            @endforeach
        </nav>
        <p class="quiet">{{ $figures->wants === 1 ? '1 want' : "{$figures->wants} wants" }}, {{ $figures->met }} met,
            {{ $figures->cloud === 0 ? 'nothing in the cloud' : "{$figures->cloud} over a cloud" }}</p>
    </div>
    <div class="bridge-scroll" id="bridge-scroll" data-keeps-scroll tabindex="0" role="group" aria-label="Paths">
    @if ($diagram->rows === [])
    <p class="quiet p-4">Nothing is wanted from elsewhere yet. Wants are noted at the survey: what, for whom, and from where.</p>
    @else
    <svg class="paths" viewBox="0 0 {{ Diagram::WIDTH }} {{ $diagram->height }}" width="{{ Diagram::WIDTH }}"
        height="{{ $diagram->height }}" aria-label="Devices, boxes and ecosystems, and the paths between them">
        @foreach ($diagram->cables as $cable)
        <path class="b-cable is-{{ $cable['state'] }}" d="{{ $cable['path'] }}"/>
        @if ($cable['state'] !== 'planned')<path class="b-core is-{{ $cable['state'] }}" d="{{ $cable['path'] }}"/>@endif
        @endforeach
        @foreach ([...$diagram->boxes, ...$diagram->ecosystems] as $block)
        <g class="b-block is-{{ $block->kind }}">
            <rect x="{{ $block->x }}" y="{{ $block->y }}" width="{{ $block->width }}" height="{{ $block->height }}" rx="6"/>
            @foreach ($block->lines() as $line)
            <text class="b-title" x="{{ $block->x + 10 }}" y="{{ $block->y + 24 + 18 * $loop->index }}">{{ $line }}</text>
            @endforeach
            <text class="b-note" x="{{ $block->x + 10 }}" y="{{ $block->y + 26 + 18 * count($block->lines()) }}">{{ $block->note }}</text>
            @foreach ($block->losses as $loss)
            @php($width = min($block->width - 12, (int) round(mb_strlen($loss['text']) * 7.1) + 16))
            <rect class="b-loss @if ($loss['isWanted']) is-wanted @endif" x="{{ $block->x + 6 }}" y="{{ $loss['y'] - 12 }}"
                width="{{ $width }}" height="24" rx="3"/>
            <text class="b-lost @if ($loss['isWanted']) is-wanted @endif" x="{{ $block->x + 14 }}" y="{{ $loss['y'] + 5 }}">{{
                Str::limit($loss['text'], intdiv($block->width - 24, 7), '…') }}</text>
            @endforeach
        </g>
        @endforeach
        @foreach ($diagram->capsules as $capsule)
        <rect class="b-capsule @if ($capsule['isCloud']) is-cloud @endif" x="{{ $capsule['x'] }}" y="{{ $capsule['y'] - 14 }}"
            width="{{ $capsule['width'] }}" height="28" rx="14"/>
        <text class="b-capsule-text" x="{{ $capsule['x'] + $capsule['width'] / 2 }}" y="{{ $capsule['y'] + 5 }}" text-anchor="middle">{{
            $capsule['text'] }}</text>
        @endforeach
        @foreach ($diagram->rows as ['row' => $one, 'y' => $y])
        <a href="{{ $row($one) }}" class="b-row @if ($one->id === $chosen?->id) is-chosen @endif"
            aria-label="{{ $one->title() }} {{ $one->more() }}">
            <rect class="b-hit" x="0" y="{{ $y - 28 }}" width="{{ Diagram::PLATE_X + Diagram::PLATE_WIDTH + 6 }}" height="56" rx="4"/>
            @php($lines = $one->lines())
            @foreach ($lines as $number => $line)
            <text class="b-label @if ($number > 0 && $one->more() !== '' && $loop->last) is-more @endif" x="8"
                y="{{ $y + 5 + 17 * ($number - (count($lines) - 1) / 2) }}">{{ $line }}</text>
            @endforeach
            <rect class="p-plate is-{{ $one->plate() }}" x="{{ Diagram::PLATE_X }}" y="{{ $y - 14 }}" width="{{ Diagram::PLATE_WIDTH }}"
                height="28" rx="4"/>
            <text class="b-tag p-tag is-{{ $one->plate() }}" x="{{ Diagram::PLATE_X + 22 }}" y="{{ $y + 6 }}" text-anchor="middle">{{
                $one->cards[0]->tag() }}</text>
        </a>
        @endforeach
    </svg>
    @endif
    </div>
    <div class="legend">
        <span><i class="b-sign is-proved" aria-hidden="true"></i>proved</span>
        <span><i class="b-sign is-linked" aria-hidden="true"></i>in</span>
        <span><i class="b-sign is-planned" aria-hidden="true"></i>planned</span>
        <span><i class="b-sign is-lost" aria-hidden="true"></i>wanted, and falls here</span>
    </div>
</div>
