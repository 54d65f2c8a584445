<?php

declare(strict_types=1);

namespace Kavvel\Core\JobFile;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Proving\Rung;
use Kavvel\Core\Replacing\ReplaceReason;

/** The devices that are or were in a slot. */
final readonly class Stays
{
    public static function check(Input $slot): void
    {
        foreach ($slot->find('stays')?->items() ?? [] as $stay) {
            $stay->find('replaced')?->word(array_column(ReplaceReason::cases(), 'value'));
            foreach ($stay->find('shown')?->items() ?? [] as $rung) {
                $rung->word(array_column(Rung::own(), 'value'));
            }
        }
    }
}
