<?php

declare(strict_types=1);

namespace App\Stations\Survey\Wiring;

use App\Editing\Refused;

/** What was asked of the wiring can't be written down. */
final class WiringRefused extends Refused
{
    public static function noRoomOf(string $circuit): self
    {
        return new self('room', "The circuit “{$circuit}” has no such room. Give it the room first.");
    }

    public static function noControl(): self
    {
        return new self('control', 'That switch or button is no longer on the plan. What is there is shown anew.');
    }

    public static function isNotedAlready(): self
    {
        return new self('number', 'That key does this already, pressed this way.');
    }

    public static function isSwitchedThereByNow(): self
    {
        return new self('opening', 'Its light is switched there in another way by now: somebody changed it. What is there is shown anew.');
    }

    public static function needsAProfile(): self
    {
        return new self('profile', 'The catalogue has no such button.');
    }

    public static function entranceIsGone(): self
    {
        return new self('opening', 'That door is no longer an entrance of the circuit. What is there is shown anew.');
    }

    public static function isWorkedOn(string $label): self
    {
        return new self('circuit', "“{$label}” is being worked on: make it live again at Fit first.");
    }

    public static function isNotReady(string $closing, int $left): self
    {
        return new self('closing', "{$closing} can’t be closed: ".($left === 1 ? 'one point behind it is' : "{$left} points behind it are")
            .' not ready. Do what is left, or take the cable off the point.');
    }

    public static function pointIsGone(): self
    {
        return new self('point', 'No cable comes to that point any more. What is there is shown anew.');
    }

    public static function needsAPicture(): self
    {
        return new self('picture', 'Bring the photograph: what lies behind is seen on it later.');
    }

    public static function nothingCanBe(): self
    {
        return new self('choice', 'That is ruled out as things stand: see why beside it, and change what stands in its way.');
    }
}
