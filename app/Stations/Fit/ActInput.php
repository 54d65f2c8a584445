<?php

declare(strict_types=1);

namespace App\Stations\Fit;

use Kavvel\Core\Fit\Detector;
use Kavvel\Core\Fit\EnergySource;
use Kavvel\Core\Fit\SourceFound;
use LogicException;

/** What was typed or touched with an act at a circuit. */
final readonly class ActInput
{
    public function __construct(
        public CircuitAct $act,
        public ?string $slot = null,
        private ?EnergySource $source = null,
        private ?SourceFound $found = null,
        private ?Detector $detector = null,
        private ?float $volts = null,
        public string $a = '',
        public string $b = '',
        public string $test = '',
        public string $reading = '',
        public bool $isPassed = false,
        public string $of = '',
    ) {}

    public function source(): EnergySource
    {
        return $this->source ?? throw $this->lacks('source');
    }

    public function found(): SourceFound
    {
        return $this->found ?? throw $this->lacks('found');
    }

    public function detector(): Detector
    {
        return $this->detector ?? throw $this->lacks('detector');
    }

    /** Nothing read is never taken for 0 V. */
    public function volts(): float
    {
        return $this->volts ?? throw $this->lacks('volts');
    }

    private function lacks(string $what): LogicException
    {
        return new LogicException("The act “{$this->act->value}” is noted with “{$what}”.");
    }
}
