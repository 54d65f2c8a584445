<?php

declare(strict_types=1);

namespace Kavvel\Core\JobFile;

use Kavvel\Core\Bus\BusFunction;
use Kavvel\Core\Bus\ControlPoint;
use Kavvel\Core\Bus\GroupAddress;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

/** What a job file tells of a wired bus: its addresses, each once, and the one planned device of a control point. */
final readonly class BusAddresses
{
    /**
     * @param  array<string, mixed>  $slots
     *
     * @throws InvalidInput
     */
    public static function check(Input $input, array $slots): void
    {
        $numbers = [];
        $pointOf = [];
        $slotOf = [];
        foreach ($input->find('busAddresses')?->items() ?? [] as $row) {
            $address = GroupAddress::of($row->get('address')->text())
                ?? throw InvalidInput::outOfRange($row->get('address')->at, 'an address of the bus, such as 1/2/3');
            if (isset($numbers[$address->number])) {
                throw InvalidInput::duplicateId($address->text, $row->get('address')->at);
            }
            $numbers[$address->number] = true;
            $row->find('function')?->word(array_column(BusFunction::cases(), 'value'));
            $name = $row->get('point')->id();
            $point = ControlPoint::key($name);
            $slot = $row->find('slot')?->id();
            if ($slot !== null) {
                Check::known($row->get('slot'), $slots);
                if (($pointOf[" {$slot}"] ?? $point) !== $point) {
                    throw InvalidInput::duplicateId($slot, $row->get('slot')->at);
                }
                $pointOf[" {$slot}"] = $point;
            }
            if (array_key_exists($point, $slotOf) && $slotOf[$point] !== $slot) {
                throw InvalidInput::outOfRange("{$row->at}.slot", "the device that the other addresses of “{$name}” have");
            }
            $slotOf[$point] = $slot;
        }
    }
}
