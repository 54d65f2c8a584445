<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

use DomainException;
use Kavvel\Core\Site\Opening;

/** The plan can't be changed as it was asked for: why, and what to do instead. Nothing was changed. */
final class PlanRefused extends DomainException
{
    /** @param string $field of the form that asked, where one is to blame */
    private function __construct(string $message, public readonly string $field = 'plan')
    {
        parent::__construct($message);
    }

    public static function gone(string $what): self
    {
        return new self("{$what} is no longer on the plan. Somebody changed it; look again.");
    }

    public static function movedOn(): self
    {
        return new self('The plan has been changed since. Look at it again, and then change it.');
    }

    public static function overlap(Room $room, Room $other): self
    {
        return new self("The {$room->name} would lie over the {$other->name}. Put it beside, or make one of them smaller first.");
    }

    public static function tooSmall(Room $room): self
    {
        return new self(sprintf('Nothing would be left of the %s: a room is %.1f m wide at least.', $room->name, RoomMeasure::NARROWEST_M));
    }

    public static function crossesItself(Room $room): self
    {
        return new self("The walls of the {$room->name} would cross each other.");
    }

    public static function openingFindsNoWall(Opening $opening, string $wall): self
    {
        return new self(sprintf(
            'The %s of %.2f m in the %s would find no wall to be in. Move it or take it out first.',
            $opening->kind,
            $opening->width,
            $wall,
        ));
    }

    /** @param list<string> $names */
    public static function standsOutside(array $names, Room $room): self
    {
        $what = implode(', ', array_slice($names, 0, 3)).(count($names) > 3 ? ' and '.(count($names) - 3).' more' : '');

        return new self("{$what} would stand outside the {$room->name}. Move that first.");
    }

    public static function roomIsInUse(Room $room, int $devices): self
    {
        $what = $devices === 1 ? 'A device is' : "{$devices} devices are";

        return new self("{$what} planned in the {$room->name}. Move or remove what is there first.");
    }

    public static function storeyIsInUse(Storey $storey): self
    {
        return new self("There are rooms or hubs on the storey “{$storey->name}”. Take them off first.");
    }

    public static function lastStorey(): self
    {
        return new self('A house has one storey at least.');
    }

    public static function notARectangle(Room $room): self
    {
        return new self("The {$room->name} is no rectangle: drag its walls instead.");
    }

    public static function noSuchCorner(Room $room): self
    {
        return new self("This corner of the {$room->name} can’t be cut: it must be a right angle that points outwards.");
    }

    public static function cutTooDeep(Room $room): self
    {
        return new self("That is more than this corner of the {$room->name} has: both sides must keep some wall.");
    }

    public static function openingsCollide(Opening $opening, Opening $other): self
    {
        return new self(sprintf(
            'The %s would lie over the %s that stands from %.2f to %.2f m.',
            $opening->kind,
            $other->kind,
            $other->offset,
            $other->offset + $other->width,
        ), 'offset');
    }

    public static function openingTooHigh(Opening $opening, float $height): self
    {
        return new self(
            sprintf(
                'A %s from %.2f to %.2f m is not inside a wall of %.2f m.',
                $opening->kind,
                $opening->sill,
                $opening->head,
                $height,
            ),
            'head',
        );
    }

    public static function openingTooWide(Opening $opening, float $length): self
    {
        return new self(sprintf(
            'From %.2f m, %.2f m wide: that is not inside the wall of %.2f m.',
            $opening->offset,
            $opening->width,
            $length,
        ), 'offset');
    }

    public static function outsideEveryRoom(): self
    {
        return new self('That place lies outside every room of this storey.', 'x');
    }

    public static function nothingToDo(string $what): self
    {
        return new self("There is nothing to {$what}.");
    }

    public static function tooMany(string $what, int $most): self
    {
        return new self("A plan has {$most} {$what} at most.");
    }

    public static function outOfRange(string $field, string $rule): self
    {
        return new self($rule, $field);
    }
}
