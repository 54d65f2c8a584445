<?php

declare(strict_types=1);

namespace App\Bench;

use App\JobSheet\JobCounts;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Stations\Station;
use App\Stations\Tap;
use Illuminate\Support\Str;
use Kavvel\Core\Catalogue\Profile;
use LogicException;

/** Where the work stands, station by station. */
final readonly class Line
{
    /** Joins over no radio of the gateway: nothing to pair */
    private const NEVER_PAIRED = ['ir', 'rf', 'wired'];

    /** @param list<Tap> $taps */
    private function __construct(public array $taps) {}

    public static function of(JobSheet $sheet, JobCounts $pulse): self
    {
        $cards = $sheet->cards;
        $total = max(1, count($cards));
        $toPair = array_filter($cards, static fn (SlotCard $card): bool => self::isPaired($card->profile));
        $in = array_filter($cards, static fn (SlotCard $card): bool => $card->isIn());
        $named = array_filter($cards, static fn (SlotCard $card): bool => $card->isNamed);
        $unnamed = array_filter($in, static fn (SlotCard $card): bool => ! $card->isNamed);
        $forecast = array_filter($cards, static fn (SlotCard $card): bool => $card->profile->radio === null || $card->forecast !== null);
        $unsound = $pulse->thin + $pulse->lost;
        $judged = $pulse->accepted + $unsound;
        $pairOpen = count($toPair) - count(array_intersect_key($toPair, $in));

        return new self([
            self::countedTap(Station::Survey, count($forecast) / $total, $pulse->openQuestions, 'question'),
            new Tap(Station::Pair, count($toPair) === 0 ? 1.0 : 1 - $pairOpen / count($toPair), $pairOpen, $pairOpen === 0 ? '' : "{$pairOpen} open"),
            new Tap(Station::Name, count($named) / $total, count($unnamed), $unnamed === [] ? '' : count($unnamed).' to name'),
            new Tap(Station::Mesh, $judged === 0 ? 0.0 : ($judged - $unsound) / $judged, $unsound, match (true) {
                ! $pulse->isSurveyed => 'no survey',
                $unsound === 0 => '',
                default => implode(', ', array_filter([$pulse->thin > 0 ? "{$pulse->thin}\u{a0}thin" : '', $pulse->lost > 0 ? "{$pulse->lost}\u{a0}lost" : ''])),
            }),
            self::countedTap(Station::HandOver, $pulse->isHandedOver ? 1.0 : 0.0, $pulse->openSnags, 'snag'),
        ]);
    }

    public static function isPaired(Profile $profile): bool
    {
        return ! in_array($profile->protocol, self::NEVER_PAIRED, true);
    }

    public function tap(Station $station): Tap
    {
        foreach ($this->taps as $tap) {
            if ($tap->station === $station) {
                return $tap;
            }
        }

        throw new LogicException("The line has no {$station->value}.");
    }

    private static function countedTap(Station $station, float $share, int $open, string $word): Tap
    {
        return new Tap($station, $share, $open, $open === 0 ? '' : $open.' '.Str::plural($word, $open));
    }
}
