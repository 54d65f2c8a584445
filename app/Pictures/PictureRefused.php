<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Editing\Refused;

/** A file can't be used as a picture. */
final class PictureRefused extends Refused
{
    public static function isNone(): self
    {
        return new self('picture', 'This is no JPEG or PNG picture that can be read.');
    }

    public static function hasTooManyPixels(): self
    {
        return new self('picture', 'This picture has more than 50 million pixels. Bring a smaller one.');
    }
}
