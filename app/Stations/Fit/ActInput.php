<?php

declare(strict_types=1);

namespace App\Stations\Fit;

use Kavvel\Core\Fit\Detector;
use Kavvel\Core\Fit\EnergySource;
use Kavvel\Core\Fit\SourceFound;

/** What was typed or touched with an act at a circuit. */
final readonly class ActInput
{
    public function __construct(
        public CircuitAct $act,
        public ?string $slot = null,
        public ?EnergySource $source = null,
        public ?SourceFound $found = null,
        public ?Detector $detector = null,
        public ?float $volts = null,
        public string $a = '',
        public string $b = '',
        public string $test = '',
        public string $reading = '',
        public bool $isPassed = false,
        public string $of = '',
    ) {}
}
