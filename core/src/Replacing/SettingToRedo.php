<?php

declare(strict_types=1);

namespace Kavvel\Core\Replacing;

/** A setting that a new device does not bring with it. */
final readonly class SettingToRedo
{
    /** @param string $value with its unit */
    public function __construct(public string $words, public string $value, public bool $isSet) {}
}
