<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

use Kavvel\Core\Site\Building;
use Kavvel\Core\Site\Vec3;
use Kavvel\Core\Site\WallSegment;

/** Whether infrared gets from one place to another: straight, eight metres at most, through nothing but an open door or a gap. */
final readonly class Sight
{
    /** How far a blaster reaches, in metres (assumption) */
    public const FARTHEST_M = 8.0;

    /**
     * @param  string|null  $blockedBy  the first thing in the way; null: nothing is
     * @param  list<string>  $doors  that must stand open
     */
    private function __construct(public float $distanceM, public ?string $blockedBy, public array $doors) {}

    public static function between(Building $building, Vec3 $from, Vec3 $to): self
    {
        $crossings = $building->crossings($from, $to);
        usort($crossings, static fn ($a, $b): int => $a->share <=> $b->share);
        $doors = [];
        foreach ($crossings as $crossing) {
            $part = $crossing->part;
            if (! $part instanceof WallSegment || ! $part->isPassage()) {
                if ($part->layers !== []) {
                    return new self($from->distanceTo($to), $part->label, []);
                }
            } elseif ($part->layers !== []) {
                $doors[] = $part->label;
            }
        }

        return new self($from->distanceTo($to), null, $doors);
    }

    public function isFree(): bool
    {
        return $this->blockedBy === null && $this->distanceM <= self::FARTHEST_M;
    }

    public function words(): string
    {
        return match (true) {
            $this->blockedBy !== null => "blocked by the {$this->blockedBy}",
            $this->distanceM > self::FARTHEST_M => sprintf("too far: %.1f\u{a0}m", $this->distanceM),
            $this->doors !== [] => 'while the '.implode(' and the ', $this->doors).' stands open',
            default => sprintf("in sight, %.1f\u{a0}m", $this->distanceM),
        };
    }
}
