<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\JoinWindow;
use App\Models\PairAttempt;
use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Pairing\Batch;

/** Which devices may come in through one window together. */
final readonly class Batches
{
    private const SHOWN = 30;

    /** Why this device can't come in through this window; null: it can. */
    public static function objection(JobSheet $sheet, JoinWindow $window, SlotCard $card): ?string
    {
        return self::against($sheet, $window, self::open($sheet, $window), $card);
    }

    /** @param list<SlotCard> $open for which the window is open */
    private static function against(JobSheet $sheet, JoinWindow $window, array $open, SlotCard $card): ?string
    {
        return match (true) {
            $window->kind !== 'join',
            ! in_array($window->state, JoinWindow::UNDER_WAY, true) => 'That window has ended: open the next one.',
            in_array($card, $open, true) => 'The window is open for it already.',
            $card->isIn() => 'It is in already.',
            $card->isBehindBridge() => 'It comes in behind its bridge.',
            $card->linkedHub()?->gateway->id !== $window->gateway_id => 'It goes to another hub.',
            default => Batch::objection(
                $card->profile,
                array_map(static fn (SlotCard $one): Profile => $one->profile, $open),
                $sheet->job->batch,
            ),
        };
    }

    /** @return list<SlotCard> for which the window is open */
    public static function open(JobSheet $sheet, JoinWindow $window): array
    {
        $slots = $window->attempts
            ->filter(static fn (PairAttempt $one): bool => $one->state->isOpen())
            ->map(static fn (PairAttempt $one): ?SlotCard => $sheet->cardOfSlot($one->slot_id));

        return array_values(array_filter($slots->all()));
    }

    /** @return list<SlotCard> that could come in through it too, the next of the order first */
    public static function candidates(JobSheet $sheet, WorkList $work, JoinWindow $window): array
    {
        $open = self::open($sheet, $window);

        return array_slice(array_values(array_filter(
            array_column($work->open, 'card'),
            static fn (SlotCard $card): bool => self::against($sheet, $window, $open, $card) === null,
        )), 0, self::SHOWN);
    }
}
