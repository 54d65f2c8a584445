<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

use Kavvel\Core\Site\Vec3;

/** An antenna of the plan as RadioCheck looks at it. */
final readonly class Antenna
{
    /**
     * @param  string|null  $slot  null: the gateway
     * @param  string  $title  in the middle of a sentence: "landing siren"
     * @param  list<string>  $protocols  what is spoken over it
     * @param  string|null  $region  Z-Wave region that it is made for, where it says one
     */
    public function __construct(
        public ?string $slot,
        public string $title,
        public Vec3 $position,
        public array $protocols,
        public ?Transceiver $radio = null,
        public ?string $region = null,
        public ?Reporting $reporting = null,
    ) {}
}
