<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

use Kavvel\Core\Input\Input;

/** What each stage of the work takes for one device, in minutes; where its profile does not say, the usual (assumption). */
final readonly class StepMinutes
{
    private const USUAL_MOUNT = 5;

    private const USUAL_BLIND = 25;

    private const USUAL_PAIR = 6;

    private const USUAL_NAME = 1;

    private const USUAL_PROVE = 3;

    private function __construct(public int $fit, public int $pair, public int $name, public int $prove) {}

    public static function of(?Input $said, ?FitSheet $fitSheet, bool $isBlind): self
    {
        $minutes = static fn (string $stage): ?int => $said?->find($stage)?->wholeFrom(0);

        return new self(
            $minutes('fit') ?? $fitSheet->minutes ?? ($isBlind ? self::USUAL_BLIND : self::USUAL_MOUNT),
            $minutes('pair') ?? self::USUAL_PAIR,
            $minutes('name') ?? self::USUAL_NAME,
            $minutes('prove') ?? self::USUAL_PROVE,
        );
    }
}
