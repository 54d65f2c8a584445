<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

use Kavvel\Core\Input\Input;

/** What a profile says of its batteries. Currents in µA, charges in µA·s; cells in series do not add mAh. */
final readonly class Battery
{
    /** Nominal mAh by type (assumption) */
    public const NOMINAL_MAH = [
        'CR2032' => 220, 'CR2450' => 600, 'CR2477' => 950, 'CR123A' => 1500, 'AAA' => 1100, 'AA' => 2500, '½AA' => 1200,
    ];

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
            $input->get('type')->word(array_map(strval(...), array_keys(self::NOMINAL_MAH))),
            $input->find('count')?->wholeFrom(1) ?? 1,
            Chemistry::from($input->get('chemistry')->word(array_column(Chemistry::cases(), 'value'))),
            $input->get('sleepMicroAmp')->numberFrom(0),
            $input->get('eventsPerDay')->numberFrom(0),
            $input->get('microAmpSecondsPerEvent')->numberFrom(0),
        );
    }

    /** Of one cell: cells in series do not add mAh. */
    public function nominalMah(): int
    {
        return self::NOMINAL_MAH[$this->type];
    }
}
