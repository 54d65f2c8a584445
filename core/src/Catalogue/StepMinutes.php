<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

use Kavvel\Core\Input\Input;

/** What each stage of the work takes for one device, in minutes; where its profile does not say, the usual (assumption). */
final readonly class StepMinutes
{
    private const USUAL_MOUNT = 5;

    /** Blinds and locks */
    private const USUAL_TAUGHT = 25;

    private const USUAL_PAIR = 6;

    private const USUAL_NAME = 1;

    private const USUAL_PROVE = 3;

    private function __construct(public int $fit, public int $pair, public int $name, public int $prove) {}

    /** @param bool $isTaught it is put up and taught: a blind, a lock */
    public static function of(?Input $said, ?FitSheet $fitSheet, bool $isTaught): self
    {
        $minutes = static fn (string $stage): ?int => $said?->find($stage)?->wholeFrom(0);

        return new self(
            $minutes('fit') ?? $fitSheet->minutes ?? ($isTaught ? self::USUAL_TAUGHT : self::USUAL_MOUNT),
            $minutes('pair') ?? self::USUAL_PAIR,
            $minutes('name') ?? self::USUAL_NAME,
            $minutes('prove') ?? self::USUAL_PROVE,
        );
    }
}
