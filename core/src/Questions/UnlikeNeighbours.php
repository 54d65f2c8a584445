<?php

declare(strict_types=1);

namespace Kavvel\Core\Questions;

use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Siting\RoomOpening;
use Kavvel\Core\Siting\RoomSpots;

/** A window or outer door without the treatment that its neighbours have: it is asked about (RULES 9.2). */
final readonly class UnlikeNeighbours
{
    /**
     * @param  string  $called  "window 2"
     * @param  int  $have  of its neighbours have it
     */
    private function __construct(
        public string $room,
        public RoomOpening $opening,
        public string $called,
        public Treatment $treatment,
        public int $have,
    ) {}

    /**
     * Windows are neighbours in one room, outer doors on one storey.
     *
     * @param  list<Treated>  $treated
     * @return list<self> by room, in the order of the plan
     */
    public static function of(Plan $plan, array $treated): array
    {
        $groups = [];
        foreach ($plan->rooms as $room) {
            if (! $room->kind->hasWalls()) {
                continue;
            }
            $spots = RoomSpots::of($plan, $room->key);
            foreach ($spots->windows() as $one) {
                $groups["windows {$room->key}"][] = [$spots, $one];
            }
            foreach ($spots->outerDoors() as $one) {
                $groups["doors {$room->storey}"][] = [$spots, $one];
            }
        }
        $unlike = [];
        foreach ($groups as $group) {
            foreach (Treatment::cases() as $treatment) {
                array_push($unlike, ...self::among($group, $treatment, $treated));
            }
        }

        return $unlike;
    }

    /** The same as long as the opening is where it is. */
    public function key(): string
    {
        return "{$this->treatment->value} {$this->room} {$this->opening->id}";
    }

    /** @param string $room what it is called */
    public function words(string $room): string
    {
        return "{$room}, {$this->called}: no {$this->treatment->value}, and "
            .($this->have === 1 ? 'one of its neighbours has one.' : "{$this->have} of its neighbours have one.");
    }

    /**
     * @param  list<array{RoomSpots, RoomOpening}>  $group
     * @param  list<Treated>  $treated
     * @return list<self>
     */
    private static function among(array $group, Treatment $treatment, array $treated): array
    {
        $isTreated = array_map(static fn (array $one): bool => self::has($one[0], $one[1], $treatment, $treated), $group);
        $have = count(array_filter($isTreated));
        if ($have === 0) {
            return [];
        }
        $unlike = [];
        foreach ($group as $number => [$spots, $opening]) {
            if (! $isTreated[$number]) {
                $called = $spots->called($opening);
                $unlike[] = new self($spots->room->key, $opening, $called, $treatment, $have);
            }
        }

        return $unlike;
    }

    /** @param list<Treated> $treated */
    private static function has(RoomSpots $spots, RoomOpening $opening, Treatment $treatment, array $treated): bool
    {
        foreach ($treated as $one) {
            $isHere = $one->treatment === $treatment && $one->room === $spots->room->key
                && $spots->openingAt($one->place)?->id === $opening->id;
            if ($isHere) {
                return true;
            }
        }

        return false;
    }
}
