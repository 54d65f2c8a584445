<?php

declare(strict_types=1);

namespace Kavvel\Core\JobFile;

use Kavvel\Core\Circuits\ChoiceKind;
use Kavvel\Core\Circuits\CircuitKind;
use Kavvel\Core\Circuits\Dimmable;
use Kavvel\Core\Circuits\KeyEffect;
use Kavvel\Core\Circuits\Press;
use Kavvel\Core\Circuits\SwitchPlace;
use Kavvel\Core\Circuits\Way;
use Kavvel\Core\Closing\PointStep;
use Kavvel\Core\Heating\HeatKind;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

/** The circuits of a job file, what their keys do, and what is heated. */
final readonly class Wiring
{
    /** @param array<string, mixed> $rooms */
    public static function check(Input $input, array $rooms): void
    {
        $circuits = Check::keys($input, 'circuits');
        foreach ($input->get('circuits')->items() as $circuit) {
            $circuit->get('kind')->word(array_column(CircuitKind::cases(), 'value'));
            $circuit->find('breakerA')?->positive();
            $circuit->find('channelW')?->positive();
            foreach ($circuit->get('rooms')->items() as $room) {
                Check::known($room, $rooms);
            }
            foreach ($circuit->get('lamps')->items() as $lamps) {
                Check::known($lamps->get('room'), $rooms);
                $lamps->get('watts')->positive();
                $lamps->get('dimmable')->word(array_column(Dimmable::cases(), 'value'));
            }
            $choice = $circuit->find('choice');
            if ($choice?->find('place') !== null) {
                SwitchPlace::fromInput($choice->get('place'));
            }
            if ($choice?->find('kind') !== null) {
                $choice->get('kind')->word(array_column(ChoiceKind::cases(), 'value'));
                $choice->get('cost')->numberFrom(0);
                Check::date($choice->get('on'));
            }
        }
        self::keys($input, $circuits, $rooms);
        self::closings($input, $rooms);
        $heated = [];
        foreach ($input->get('heating')->items() as $heating) {
            $room = $heating->get('room');
            Check::known($room, $rooms);
            $heating->get('kind')->word(array_column(HeatKind::cases(), 'value'));
            $heating->get('hidesThermostat')->flag();
            if (isset($heated[' '.$room->id()])) {
                throw InvalidInput::duplicateId($room->id(), $room->at);
            }
            $heated[' '.$room->id()] = true;
        }
    }

    /**
     * @param  array<string, mixed>  $circuits
     * @param  array<string, mixed>  $rooms
     */
    private static function keys(Input $input, array $circuits, array $rooms): void
    {
        $noted = [];
        foreach ($input->get('keyUses')->items() as $use) {
            Check::known($use->get('circuit'), $circuits);
            $use->get('effect')->word(array_column(KeyEffect::cases(), 'value'));
            $use->get('way')->word(array_column(Way::cases(), 'value'));
            $what = implode(' ', [
                $use->get('control')->id(), $use->get('number')->wholeFrom(1),
                $use->get('press')->word(array_column(Press::cases(), 'value')), $use->get('circuit')->id(),
                $use->find('room')?->id() ?? '',
            ]);
            if ($use->find('room') !== null) {
                Check::known($use->get('room'), $rooms);
            }
            if (isset($noted[$what])) {
                throw InvalidInput::duplicateId($what, $use->at);
            }
            $noted[$what] = true;
        }
    }

    /** @param array<string, mixed> $rooms */
    private static function closings(Input $input, array $rooms): void
    {
        Check::keys($input, 'closings');
        foreach ($input->get('closings')->items() as $closing) {
            foreach ($closing->get('rooms')->items() as $room) {
                Check::known($room, $rooms);
            }
        }
        $done = [];
        foreach ($input->get('pointSteps')->items() as $step) {
            $what = $step->get('point')->id().' '.$step->get('step')->word(array_column(PointStep::cases(), 'value'));
            if (isset($done[$what])) {
                throw InvalidInput::duplicateId($what, $step->at);
            }
            $done[$what] = true;
        }
        $counted = [];
        foreach ($input->get('designerCounts')->items() as $row) {
            $purpose = $row->get('purpose');
            if (isset($counted[' '.$purpose->id()])) {
                throw InvalidInput::duplicateId($purpose->id(), $purpose->at);
            }
            $counted[' '.$purpose->id()] = true;
        }
        foreach ($input->get('tradeWorks')->items() as $work) {
            Check::known($work->get('room'), $rooms);
        }
    }
}
