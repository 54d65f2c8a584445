<?php

declare(strict_types=1);

namespace App\Pictures;

use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\Exceptions\DecoderException;
use Intervention\Image\ImageManager;

/**
 * Pictures that people bring: decoded, turned upright and written anew as JPEG, so that nothing travels along with them:
 * no place, no camera, no script. Larger ones are made smaller.
 */
final readonly class Pictures
{
    /** What a picture may be at most, in kilobytes and in pixels: a plain phone takes less */
    public const MOST_KB = 10_240;

    private const MOST_PIXELS = 50_000_000;

    private const LONGEST_EDGE = 2000;

    private const QUALITY = 82;

    /** @throws PictureRefused where it is no picture */
    public function read(string $bytes): Picture
    {
        $size = @getimagesizefromstring($bytes);
        if ($size === false || ! in_array($size[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG], true)) {
            throw PictureRefused::isNone();
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw PictureRefused::hasTooManyPixels();
        }
        try {
            $image = (new ImageManager(new Driver))->read($bytes)->scaleDown(self::LONGEST_EDGE, self::LONGEST_EDGE);
        } catch (DecoderException) {
            throw PictureRefused::isNone();
        }

        return new Picture((string) $image->toJpeg(self::QUALITY), $image->width(), $image->height());
    }

    /** A picture of ours, made small enough to travel with others. */
    public function smaller(string $jpeg, int $longestEdge): string
    {
        return (string) (new ImageManager(new Driver))->read($jpeg)->scaleDown($longestEdge, $longestEdge)->toJpeg(self::QUALITY);
    }
}
