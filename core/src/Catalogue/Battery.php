<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

use Kavvel\Core\Handover\BatteryLife;
use Kavvel\Core\Handover\Chemistry;
use Kavvel\Core\Input\Input;

/** What a profile says of its batteries. Currents in µA, charges in µA·s; cells in series do not add mAh. */
final readonly class Battery
{
    private function __construct(
        public string $type,
        public int $count,
        public Chemistry $chemistry,
        public float $sleepMicroAmp,
        public float $eventsPerDay,
        public float $microAmpSecondsPerEvent,
    ) {}

    public static function fromInput(Input $input): self
    {
        return new self(
            $input->get('type')->word(array_map(strval(...), array_keys(BatteryLife::NOMINAL_MAH))),
            $input->find('count')?->wholeFrom(1) ?? 1,
            Chemistry::from($input->get('chemistry')->word(array_column(Chemistry::cases(), 'value'))),
            $input->get('sleepMicroAmp')->numberFrom(0),
            $input->get('eventsPerDay')->numberFrom(0),
            $input->get('microAmpSecondsPerEvent')->numberFrom(0),
        );
    }

    public function life(): BatteryLife
    {
        return BatteryLife::of(
            BatteryLife::NOMINAL_MAH[$this->type],
            $this->chemistry,
            $this->sleepMicroAmp,
            $this->eventsPerDay,
            $this->microAmpSecondsPerEvent,
        );
    }
}
