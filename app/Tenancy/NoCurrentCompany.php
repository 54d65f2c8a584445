<?php

declare(strict_types=1);

namespace App\Tenancy;

use LogicException;

final class NoCurrentCompany extends LogicException
{
    public static function chosen(): self
    {
        return new self('No company was chosen before its records were asked for.');
    }
}
