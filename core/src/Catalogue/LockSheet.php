<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

use Kavvel\Core\Input\Input;

/** What the sheet of a lock says of the doors that it fits, in millimetres. */
final readonly class LockSheet
{
    /**
     * @param  array{float, float}  $doorMm  thickness, least and most
     * @param  array{float, float}  $backsetMm  least and most
     * @param  float  $standsOutMm  how far it stands out from the door
     * @param  float  $cylinderMm  how far the cylinder has to stand out, where it turns one
     * @param  bool  $keyInside  a key may be left in it inside
     */
    private function __construct(
        public array $doorMm,
        public array $backsetMm,
        public float $standsOutMm,
        public float $cylinderMm,
        public bool $keyInside,
    ) {}

    public static function fromInput(Input $input): self
    {
        return new self(
            self::span($input->get('doorMm')),
            self::span($input->get('backsetMm')),
            $input->get('standsOutMm')->numberFrom(0),
            $input->find('cylinderMm')?->numberFrom(0) ?? 0.0,
            $input->get('keyInside')->flag(),
        );
    }

    /** @return array{float, float} */
    private static function span(Input $pair): array
    {
        [$least, $most] = $pair->items(2);

        return [$least->numberFrom(0), $most->numberFrom($least->number())];
    }
}
