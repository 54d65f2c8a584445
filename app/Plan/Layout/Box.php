<?php

declare(strict_types=1);

namespace App\Plan\Layout;

/** An upright rectangle on the drawing, in metres; y grows downwards. */
final readonly class Box
{
    public function __construct(public float $x, public float $y, public float $width, public float $height) {}

    public static function around(float $x, float $y, float $width, float $height): self
    {
        return new self($x - $width / 2, $y - $height / 2, $width, $height);
    }

    public function overlaps(self $other): bool
    {
        return $this->x < $other->x + $other->width && $other->x < $this->x + $this->width
            && $this->y < $other->y + $other->height && $other->y < $this->y + $this->height;
    }

    /**
     * Whether one of these overlaps; compared in place, since a plan asks for it tens of thousands of times.
     *
     * @param  list<self>  $boxes
     */
    public function meetsAny(array $boxes): bool
    {
        $right = $this->x + $this->width;
        $bottom = $this->y + $this->height;
        foreach ($boxes as $box) {
            if ($box->x < $right && $box->y < $bottom && $this->x < $box->x + $box->width && $this->y < $box->y + $box->height) {
                return true;
            }
        }

        return false;
    }

    public function isInside(self $frame): bool
    {
        return $this->x >= $frame->x && $this->y >= $frame->y
            && $this->x + $this->width <= $frame->x + $frame->width && $this->y + $this->height <= $frame->y + $frame->height;
    }

    public function centreX(): float
    {
        return $this->x + $this->width / 2;
    }

    public function centreY(): float
    {
        return $this->y + $this->height / 2;
    }

    /** @return list<self> boxes that cover a straight stroke of this width */
    public static function along(float $ax, float $ay, float $bx, float $by, float $width): array
    {
        $length = hypot($bx - $ax, $by - $ay);
        if (abs($bx - $ax) < 1e-9 || abs($by - $ay) < 1e-9) {
            return [new self(
                min($ax, $bx) - (abs($bx - $ax) < 1e-9 ? $width / 2 : 0),
                min($ay, $by) - (abs($by - $ay) < 1e-9 ? $width / 2 : 0),
                max($width, abs($bx - $ax)),
                max($width, abs($by - $ay)),
            )];
        }
        $boxes = [];
        $pieces = max(1, (int) ceil($length / max($width, 0.1)));
        for ($i = 0; $i <= $pieces; $i++) {
            $boxes[] = self::around($ax + ($bx - $ax) * $i / $pieces, $ay + ($by - $ay) * $i / $pieces, $width, $width);
        }

        return $boxes;
    }
}
