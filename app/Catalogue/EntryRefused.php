<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Editing\Refused;
use Kavvel\Core\Catalogue\StepUnreadable;
use Kavvel\Core\Input\InvalidInput;

/** A catalogue, or an entry of one, can't be taken as it is. */
final class EntryRefused extends Refused
{
    public static function isBroken(InvalidInput $broken): self
    {
        return new self('catalogue', "Nothing was taken in. At {$broken->at}: {$broken->getMessage()}");
    }

    public static function hasNoStep(StepUnreadable $broken, string $field): self
    {
        return new self($field, $broken->getMessage());
    }

    public static function isHereAlready(string $key): self
    {
        return new self('key', "There is an entry “{$key}” already. Choose another key.");
    }
}
