<?php

declare(strict_types=1);

namespace App\Stations\Name;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use Kavvel\Core\Naming\ConflictCheck;
use Kavvel\Core\Naming\Device;
use Kavvel\Core\Naming\NamePlan;
use Kavvel\Core\Naming\Pattern;
use Kavvel\Core\Naming\Shortener;
use Kavvel\Core\Naming\Text;

/** Names of a job: what the pattern proposes, and whether a name that was typed will do. */
final readonly class Names
{
    /** Why this name can't be given, or null. */
    public function objection(JobSheet $sheet, SlotCard $card, string $name): ?string
    {
        $folded = Text::fold($name);
        if ($folded === '') {
            return 'A name needs at least one letter or digit.';
        }
        if ($card->profile->protocol === 'matter' && strlen($name) > Shortener::MATTER_BYTES) {
            return sprintf('“%s” has %d bytes; a Matter device takes %d.', $name, strlen($name), Shortener::MATTER_BYTES);
        }
        foreach ($sheet->cards as $other) {
            if ($other->key() !== $card->key() && $other->slot->name !== null && Text::fold($other->slot->name) === $folded) {
                return "“{$name}” is already the name of the {$other->fullTitle()}. Add what tells them apart.";
            }
        }
        foreach ($sheet->geometry->rooms as $room) {
            if (Text::fold($room['name']) === $folded) {
                return "“{$name}” is also a room: a spoken order would move all of it.";
            }
        }

        return null;
    }

    /** What the pattern of the job proposes for every slot, with the conflicts of one or of all. */
    public function plan(JobSheet $sheet, ?string $about): NamePlan
    {
        $devices = array_values(array_map(static fn (SlotCard $card): Device => new Device(
            $card->key(),
            $card->room,
            $card->slot->place,
            $card->slot->what,
            $card->profile->protocol,
        ), $sheet->cards));

        return NamePlan::of(new Pattern($sheet->job->name_pattern), $devices, new ConflictCheck(array_column($sheet->geometry->rooms, 'name'), [], []), about: $about);
    }
}
