<?php

declare(strict_types=1);

namespace App\Stations\Survey\Rooms;

use App\Floorplan\Subject;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\Storey;

/** What is in hand on the plan: a room, a wall, a duct, a point, or nothing. */
final readonly class Chosen
{
    private const SECTIONS = ['room' => 'rooms', 'wall' => 'walls', 'duct' => 'ducts', 'point' => 'points'];

    /** @param string $mark how it looks now */
    private function __construct(public string $kind, public string $key, public string $mark) {}

    /** @param string|null $at such as "room kitchen"; "new" is the room that was added last */
    public static function of(Plan $plan, Storey $storey, ?string $at): self
    {
        [$kind, $key] = explode(' ', $at ?? '', 2) + ['', ''];
        if ($kind === 'new') {
            [$kind, $key] = ['room', (string) array_key_last($plan->roomsOn($storey->key))];
        }
        $section = self::SECTIONS[$kind] ?? null;
        $rows = $section === null ? [] : $plan->rows()[$section];

        return isset($rows[$key]) ? new self($kind, $key, Subject::mark($plan, (string) $section, $key)) : new self('', '', '');
    }

    public function is(string $kind, string $key): bool
    {
        return $this->kind === $kind && $this->key === $key;
    }
}
