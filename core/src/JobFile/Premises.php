<?php

declare(strict_types=1);

namespace Kavvel\Core\JobFile;

use Kavvel\Core\Existing\Fate;
use Kavvel\Core\Existing\Holder;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Measuring\DoorMeasures;
use Kavvel\Core\Measuring\WindowMeasures;
use Kavvel\Core\Protocol\Protocol;

/** What a job file tells of a house as it was found: devices that are there already, and doors and windows that were measured. */
final readonly class Premises
{
    /**
     * @param  array<string, mixed>  $rooms
     * @param  array<string, mixed>  $profiles
     * @param  array<string, mixed>  $slots
     */
    public static function check(Input $input, array $rooms, array $profiles, array $slots): void
    {
        Check::keys($input, 'existing');
        foreach ($input->get('existing')->items() as $device) {
            Check::known($device->get('room'), $rooms);
            $device->get('protocol')->word(Protocol::words());
            $device->get('holder')->word(array_column(Holder::cases(), 'value'));
            $device->get('fate')->word(array_column(Fate::cases(), 'value'));
            foreach (['profile' => $profiles, 'slot' => $slots] as $reference => $known) {
                if ($device->find($reference) !== null) {
                    Check::known($device->get($reference), $known);
                }
            }
        }
        $measured = [];
        foreach ($input->get('measures')->items() as $row) {
            $opening = $row->get('opening');
            if (isset($measured[' '.$opening->id()])) {
                throw InvalidInput::duplicateId($opening->id(), $opening->at);
            }
            $measured[' '.$opening->id()] = true;
            $row->find('at')?->items(2);
            if ($row->find('door') !== null) {
                DoorMeasures::fromInput($row->get('door'));
            }
            if ($row->find('window') !== null) {
                WindowMeasures::fromInput($row->get('window'));
            }
        }
    }
}
