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

    /**
     * @param  string  $mark  how it looks now
     * @param  bool  $isNew  it was just added: more are likely to follow
     */
    private function __construct(public string $kind, public string $key, public string $mark, public bool $isNew) {}

    /** @param string|null $at such as "room kitchen"; "new" is the room that was added last */
    public static function of(Plan $plan, Storey $storey, ?string $at): self
    {
        [$kind, $key] = explode(' ', $at ?? '', 2) + ['', ''];
        $isNew = $kind === 'new';
        if ($isNew) {
            [$kind, $key] = ['room', (string) array_key_last($plan->roomsOn($storey->key))];
        }
        $section = self::SECTIONS[$kind] ?? null;

        return $section === null || $plan->row($section, $key) === null
            ? new self('', '', '', false)
            : new self($kind, $key, Subject::mark($plan, $section, $key), $isNew);
    }

    public function is(string $kind, string $key): bool
    {
        return $this->kind === $kind && $this->key === $key;
    }
}
