<?php

declare(strict_types=1);

namespace App\Stations\Fit;

use App\Models\User;
use DateTimeImmutable;
use Kavvel\Core\Fit\Act;

/** Something that a person does now, by the clock of the site. */
final readonly class Acting
{
    public static function now(User $person): Act
    {
        return new Act($person->signature(), DateTimeImmutable::createFromInterface(now()->onSite()));
    }
}
