<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

use Kavvel\Core\Input\Input;

/** How often a device reports by itself, and how many values it sends each time. */
final readonly class Reporting
{
    public function __construct(public float $everySeconds, public int $values = 1) {}

    public static function fromInput(Input $input): self
    {
        return new self($input->get('everySeconds')->positive(), $input->find('values')?->wholeFrom(1) ?? 1);
    }
}
