<?php

declare(strict_types=1);

namespace Kavvel\Core\Cli;

use Kavvel\Core\Catalogue\Chemistry;
use Kavvel\Core\Handover\BatteryLife;
use Kavvel\Core\Input\Input;

final readonly class BatteryVerb implements Verb
{
    public function answer(Input $input): array
    {
        $life = BatteryLife::of(
            $input->get('capacityMah')->positive(),
            Chemistry::from($input->get('chemistry')->word(array_column(Chemistry::cases(), 'value'))),
            $input->get('sleepMicroAmp')->numberFrom(0),
            $input->get('eventsPerDay')->numberFrom(0),
            $input->get('microAmpSecondsPerEvent')->numberFrom(0),
        );

        return ['years' => round($life->years, 2), 'yearsLow' => round($life->low, 2), 'yearsHigh' => round($life->high, 2)];
    }
}
