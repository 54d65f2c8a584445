<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

/** The room that connectors take behind a device in a box (RULES 9.4, assumption). */
final readonly class Connectors
{
    private const FEW_MM = 10.0;

    private const MANY_MM = 15.0;

    private const FEW_CABLES = 3;

    /** In millimetres. */
    public static function depthMm(int $cables): float
    {
        return $cables > self::FEW_CABLES ? self::MANY_MM : self::FEW_MM;
    }
}
