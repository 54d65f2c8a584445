<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Kavvel\Core\Protocol\Protocol;

/** What people call the forms in which devices are passed on. */
final readonly class FormWords
{
    public static function of(string $form): string
    {
        return match ($form) {
            Form::MATTER => 'Matter share',
            Form::MATTER_BRIDGE => 'Matter bridge',
            Form::CLOUD_LINK => 'cloud account',
            default => Protocol::tryFrom(explode(' at ', $form)[0])?->title() ?? str_replace('-', ' ', $form),
        };
    }
}
