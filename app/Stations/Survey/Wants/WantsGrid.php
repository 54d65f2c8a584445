<?php

declare(strict_types=1);

namespace App\Stations\Survey\Wants;

use App\JobSheet\JobSheet;
use App\Plan\Geometry;
use Kavvel\Core\Floorplan\RoomKind;
use Kavvel\Core\Wants\Want;
use Kavvel\Core\Wants\WantedFrom;
use Kavvel\Core\Wants\WantedFunction;
use Kavvel\Core\Wants\WantGroup;
use Kavvel\Core\Wants\WantStanding;

/**
 * Rooms by functions, storey by storey.
 *
 * @phpstan-import-type RoomRow from Geometry
 */
final readonly class WantsGrid
{
    public function __construct(private JobSheet $sheet, private WantsSheet $wants, private Pen $pen) {}

    /** @return array<string, list<RoomRow>> rooms by name of the storey, the highest first */
    public function rooms(): array
    {
        $rooms = [];
        foreach ($this->sheet->geometry->storeys as $storey) {
            $rooms[$storey['name']] = array_values(array_filter(
                $this->sheet->geometry->roomsOn($storey['key']),
                static fn (array $room): bool => $room['kind'] !== RoomKind::Shaft->value,
            ));
        }

        return array_filter($rooms);
    }

    /** @return array<string, int> how much is wanted, by group */
    public function counts(): array
    {
        $counts = array_fill_keys(array_column(WantGroup::cases(), 'value'), 0);
        foreach ($this->wants->report->standings as $standing) {
            $counts[$standing->function->group()->value]++;
        }

        return $counts;
    }

    /** @param RoomRow $room */
    public function cell(array $room, WantedFunction $function): WantCell
    {
        $wants = array_filter(
            $this->wants->wants,
            static fn (Want $want): bool => $want->room === $room['key'] && $want->function === $function,
        );
        $isPressed = array_filter($wants, fn (Want $want): bool => $want->by === $this->pen->by && $want->from === $this->pen->from) !== [];
        $from = array_values(array_unique(array_map(static fn (Want $want): WantedFrom => $want->from, $wants), SORT_REGULAR));

        return new WantCell(
            $room['key'],
            $this->sheet->geometry->roomTitle($room),
            $function,
            $from,
            $isPressed,
            $this->state($this->wants->report->standing($room['key'], $function)),
        );
    }

    private function state(?WantStanding $standing): string
    {
        if ($standing === null || ! $standing->isServed() || $standing->slots === []) {
            return match (true) {
                $standing === null => '',
                $standing->isServed() => 'left-out',
                default => 'open',
            };
        }
        foreach ($standing->slots as $slot) {
            if ($this->sheet->card($slot)?->isIn() !== true) {
                return 'planned';
            }
        }

        return 'in';
    }
}
