<?php

declare(strict_types=1);

namespace Kavvel\Core\Cabling;

use Kavvel\Core\Floorplan\Thing;
use Kavvel\Core\Site\Vec3;

/** A point of the plan with the cables that come to it from the rack. */
final readonly class WiredPoint
{
    /** Said of a point to which no cable comes, whatever is usual */
    public const NONE = 'none';

    private function __construct(
        public string $key,
        public string $label,
        public string $room,
        public string $purpose,
        public Vec3 $place,
        public CableKind $cable,
        public int $count,
    ) {}

    /** Null where no cable comes to it. Its own say goes before what is usual for its purpose. */
    public static function of(Thing $point, string $label): ?self
    {
        $purpose = (string) ($point->facts['purpose'] ?? '');
        $usual = PointPurpose::tryFrom(mb_strtolower($purpose));
        $own = $point->facts['cable'] ?? null;
        $cable = is_string($own) ? CableKind::tryFrom($own) : $usual?->cable();
        $count = (int) ($point->facts['count'] ?? $usual?->count() ?? 1);

        return $cable === null || $count < 1
            ? null
            : new self($point->key, $label, $point->home, $purpose, new Vec3(...$point->position), $cable, $count);
    }

    public function watts(): float
    {
        return PointPurpose::tryFrom(mb_strtolower($this->purpose))?->watts() ?? 0.0;
    }
}
