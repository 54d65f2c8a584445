<?php

declare(strict_types=1);

namespace Kavvel\Core\JobFile;

use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Protocol\Protocol;

/** What a job file tells of devices behind a bridge: the bridge is one, and what stands behind it comes in over Matter. */
final readonly class Bridges
{
    /**
     * @param  list<SlotEntry>  $slots
     *
     * @throws InvalidInput
     */
    public static function check(array $slots): void
    {
        $bridges = [];
        foreach ($slots as $slot) {
            if ($slot->profile->can('bridge')) {
                $bridges[" {$slot->key}"] = true;
            }
        }
        foreach ($slots as $number => $slot) {
            if ($slot->behind === null) {
                continue;
            }
            if (! isset($bridges[" {$slot->behind}"]) || isset($bridges[" {$slot->key}"])) {
                throw InvalidInput::outOfRange("$.slots[{$number}].behind", 'the key of a slot whose device is a bridge');
            }
            if ($slot->profile->protocol !== Protocol::Matter) {
                throw InvalidInput::outOfRange("$.slots[{$number}].profile", 'a Matter profile, as it comes in behind a bridge');
            }
        }
    }
}
