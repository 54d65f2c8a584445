<?php

declare(strict_types=1);

namespace App\Radio;

use App\JobSheet\Hub;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use Kavvel\Core\Mesh\Member;
use Kavvel\Core\Mesh\ReadingAge;
use Kavvel\Core\Pairing\PairingOrder;
use Kavvel\Core\Protocol\Protocol;

/** Which devices a mesh reading judges, and where they stood: kept with it, so that its age can be told. */
final readonly class MeshMembers
{
    /** @return list<array{slot: string, address: string, standing: string}> as they are now */
    public static function of(JobSheet $sheet, Protocol $protocol): array
    {
        $in = array_filter($sheet->ofProtocol($protocol), static fn (SlotCard $card): bool => $card->isIn());

        $isAtBench = $sheet->job->school === PairingOrder::AtBench->value;

        return array_values(array_map(static fn (SlotCard $card): array => [
            'slot' => $card->key(),
            'address' => (string) $card->node?->address,
            'standing' => self::standing($card, $isAtBench),
        ], $in));
    }

    /**
     * @param  list<array{slot: string, address: string, standing: string}>|null  $then  null: the reading does not say,
     *                                                                                   and counts as fresh
     * @param  string|null  $hubThen  where its hub stood; null: the reading does not say
     */
    public static function age(?array $then, ?string $hubThen, JobSheet $sheet, Protocol $protocol): ReadingAge
    {
        $now = self::of($sheet, $protocol);
        $standings = array_map(static fn (Hub $hub): string => $hub->standing(), $sheet->hubs);

        return ReadingAge::between(
            self::members($then ?? $now),
            self::members($now),
            $hubThen !== null && ! in_array($hubThen, $standings, true),
        );
    }

    /**
     * @param  list<array{slot: string, address: string, standing: string}>  $rows
     * @return list<Member>
     */
    private static function members(array $rows): array
    {
        return array_map(static fn (array $row): Member => new Member($row['slot'], $row['address'], $row['standing']), $rows);
    }

    /** @param bool $isAtBench the job pairs at the bench: what is not placed stands there */
    private static function standing(SlotCard $card, bool $isAtBench): string
    {
        $place = $card->position();

        $bench = $isAtBench && $card->placedAt() === null ? ' at the bench' : '';

        return sprintf('%.2f %.2f %.2f %s %s%s', $place->x, $place->y, $place->z, $card->slot->mounting, $card->profile->key, $bench);
    }
}
