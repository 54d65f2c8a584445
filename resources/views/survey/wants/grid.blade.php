@use('Kavvel\Core\Wants\WantedBy')
@use('Kavvel\Core\Wants\WantedFrom')
@use('Kavvel\Core\Wants\WantGroup')
@php($mayWork = $bench->mayWork())
@php($functions = $pen->group->functions())
<div class="wants">
    <div class="wants-pen" data-pen>
        <nav class="keys" aria-label="Functions">
            @foreach (WantGroup::cases() as $group)
            <a href="{{ $bench->url(['at' => $pen->with(group: $group)]) }}" @if ($group === $pen->group) aria-current="true"
                @endif>{{ $group->title() }}@if ($grid->counts()[$group->value] > 0)&nbsp;<span
                class="measure">{{ $grid->counts()[$group->value] }}</span>@endif</a>
            @endforeach
        </nav>
        <div class="wants-who">
            <span>From</span>
            <nav class="keys" aria-label="From">
                @foreach (WantedFrom::cases() as $from)
                <a href="{{ $bench->url(['at' => $pen->with(from: $from)]) }}" @if ($from === $pen->from) aria-current="true"
                    @endif>{{ $from->words() }}</a>
                @endforeach
            </nav>
            <span>For</span>
            <nav class="keys" aria-label="For">
                @foreach (WantedBy::cases() as $by)
                <a href="{{ $bench->url(['at' => $pen->with(by: $by)]) }}" @if ($by === $pen->by) aria-current="true"
                    @endif>{{ $by->words() }}</a>
                @endforeach
            </nav>
        </div>
    </div>
    <div class="wants-scroll" id="wants-scroll" data-keeps-scroll tabindex="0" role="group" aria-label="Rooms and functions">
    <table class="wants-grid" data-grid-keys><caption class="visually-hidden">What is wanted, room by room</caption>
        <thead><tr><th scope="col"><span class="visually-hidden">Room</span></th>
            @foreach ($functions as $function)
            <th scope="col">{{ $function->title() }}</th>
            @endforeach
        </tr></thead>
        @foreach ($grid->rooms() as $storey => $rooms)
        <tbody>
            @if (count($grid->rooms()) > 1)
            <tr class="wants-storey"><th colspan="{{ count($functions) + 1 }}" scope="rowgroup">{{ $storey }}</th></tr>
            @endif
            @foreach ($rooms as $room)
            <tr><th scope="row">{{ $room['name'] }}</th>
                @foreach ($functions as $function)
                @php($cell = $grid->cell($room, $function))
                <td>
                    @if ($mayWork)
                    <x-form :action="route($cell->isPressed ? 'jobs.wants.destroy' : 'jobs.wants.store', $job)"
                        :method="$cell->isPressed ? 'delete' : 'post'">
                        <input type="hidden" name="room" value="{{ $cell->room }}"><input type="hidden" name="function"
                            value="{{ $function->value }}">
                        <input type="hidden" name="by" value="{{ $pen->by->value }}"><input type="hidden" name="from"
                            value="{{ $pen->from->value }}">
                        <button class="want @if ($cell->state !== '') is-{{ $cell->state }} @endif" id="want-{{ $cell->room }}-{{
                            $function->value }}" aria-pressed="{{ $cell->isPressed ? 'true' : 'false' }}"
                            aria-label="{{ $cell->words() }}">{{ $cell->text() }}</button>
                    </x-form>
                    @else
                    <span class="want @if ($cell->state !== '') is-{{ $cell->state }} @endif"
                        aria-label="{{ $cell->words() }}" role="img">{{ $cell->text() }}</span>
                    @endif
                </td>
                @endforeach
            </tr>
            @endforeach
        </tbody>
        @endforeach
    </table>
    </div>
    <div class="legend">
        <span><i class="want is-open" aria-hidden="true"></i>nothing does it yet</span>
        <span><i class="want is-planned" aria-hidden="true"></i>planned</span>
        <span><i class="want is-in" aria-hidden="true"></i>the device is in</span>
    </div>
</div>
