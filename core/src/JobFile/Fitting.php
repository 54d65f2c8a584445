<?php

declare(strict_types=1);

namespace Kavvel\Core\JobFile;

use DateTimeZone;
use Kavvel\Core\Fit\CircuitWork;
use Kavvel\Core\Fit\FoundBox;
use Kavvel\Core\Fit\Hanging;
use Kavvel\Core\Fit\HangStep;
use Kavvel\Core\Fit\SwitchedLoad;
use Kavvel\Core\Fit\TwoWayTest;
use Kavvel\Core\Fit\Wire;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

/** What a job file tells of boxes in the wall, and of circuits that were made dead. */
final readonly class Fitting
{
    /** @param array<string, mixed> $slots */
    public static function check(Input $input, array $slots): void
    {
        $circuits = Check::keys($input, 'circuits');
        $told = [];
        foreach ($input->get('fits')->items() as $fit) {
            $slot = $fit->get('slot');
            Check::known($slot, $slots);
            if (isset($told[' '.$slot->id()])) {
                throw InvalidInput::duplicateId($slot->id(), $slot->at);
            }
            $told[' '.$slot->id()] = true;
            self::fit($fit, $circuits);
        }
        Check::keys($input, 'temporaryStates');
        foreach ($input->get('temporaryStates')->items() as $state) {
            if ($state->find('slot') !== null) {
                Check::known($state->get('slot'), $slots);
            }
        }
        Check::keys($input, 'isolations');
        foreach ($input->get('isolations')->items() as $isolation) {
            if ($isolation->find('circuit') !== null) {
                Check::known($isolation->get('circuit'), $circuits);
            }
            self::work($isolation->get('work'), $slots);
        }
    }

    /** @param array<string, mixed> $circuits */
    private static function fit(Input $fit, array $circuits): void
    {
        if ($fit->find('circuit') !== null) {
            Check::known($fit->get('circuit'), $circuits);
        }
        if ($fit->find('box') !== null) {
            FoundBox::fromInput($fit->get('box'));
        }
        foreach ($fit->find('loads')?->items() ?? [] as $load) {
            SwitchedLoad::fromInput($load);
        }
        $names = [];
        foreach ($fit->find('wires')?->items() ?? [] as $wire) {
            $name = Wire::fromInput($wire)->name;
            if (isset($names[" {$name}"])) {
                throw InvalidInput::duplicateId($name, $wire->get('name')->at);
            }
            $names[" {$name}"] = true;
        }
        if ($fit->find('hung') !== null) {
            Hanging::fromInput($fit->get('hung'), new DateTimeZone('UTC'), HangStep::cases());
        }
        if ($fit->find('twoWay') !== null) {
            TwoWayTest::fromInput($fit->get('twoWay'));
        }
    }

    /** The settings of a device, each once. */
    public static function settings(Input $slot): void
    {
        $names = [];
        foreach ($slot->find('settings')?->items() ?? [] as $setting) {
            $name = $setting->get('name');
            if (isset($names[' '.$name->id()])) {
                throw InvalidInput::duplicateId($name->id(), $name->at);
            }
            $names[' '.$name->id()] = true;
        }
    }

    /** @param array<string, mixed> $slots */
    private static function work(Input $work, array $slots): void
    {
        CircuitWork::fromInput($work, new DateTimeZone('UTC'));
        $begun = [];
        foreach ($work->get('boxes')->items() as $box) {
            $slot = $box->get('slot');
            Check::known($slot, $slots);
            if (isset($begun[' '.$slot->id()])) {
                throw InvalidInput::duplicateId($slot->id(), $slot->at);
            }
            $begun[' '.$slot->id()] = true;
        }
    }
}
