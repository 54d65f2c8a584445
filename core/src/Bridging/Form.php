<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** Forms in which a device is passed on that mean more than their name; every other form is a word of the job. */
final readonly class Form
{
    /** From the device itself, which holds one fabric more for it */
    public const MATTER = 'matter';

    /** As one of many behind a bridge */
    public const MATTER_BRIDGE = 'matter-bridge';

    /** Over an account with a maker, in somebody's cloud */
    public const CLOUD_LINK = 'cloud-link';

    /** Both ends have to know the release that a function came with. */
    public static function goesByRelease(string $form): bool
    {
        return $form === self::MATTER || $form === self::MATTER_BRIDGE;
    }
}
