<?php

declare(strict_types=1);

namespace App\Radio;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use Kavvel\Core\Coverage\RadioEnd;
use Kavvel\Core\Coverage\RadioPlan;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Pairing\PairingOrder;
use Kavvel\Core\Radio\Transceiver;

/** A reading beside the plan: the links that it has, and those that it has not. */
final readonly class ReadOnPlan
{
    /** Every one is looked for through the walls: more would take minutes, and say nothing that these don’t */
    private const MOST_UNHEARD = 10_000;

    /**
     * @param  list<MeasuredPath>  $paths
     * @param  list<PlannedPair>  $unheard  pairs of which one hands on, and that the reading has no link of
     * @param  list<string>  $alone  slots of which it has no link at all
     */
    private function __construct(public array $paths, public array $unheard, public array $alone) {}

    /** @return list<self> the last reading of each radio, where no device has come, gone or moved since, nor the hub */
    public static function all(JobSheet $sheet, RadioPlan $bare): array
    {
        $fresh = array_filter(JudgedReading::all($sheet), static fn (JudgedReading $one): bool => ! MeshMembers::age(
            $one->reading->members,
            $one->reading->hub_at,
            $sheet,
            $one->reading->protocol,
        )->isStale());

        return array_values(array_map(static fn (JudgedReading $one): self => self::of($sheet, $one, $bare), $fresh));
    }

    private static function of(JobSheet $sheet, JudgedReading $one, RadioPlan $bare): self
    {
        $ends = self::ends($sheet, $one);
        $paths = [];
        $linked = [];
        $isLinked = [];
        foreach ($one->mesh->measured() as [$link, $isBackKnown]) {
            [$a, $b] = [$ends[$link->a] ?? null, $ends[$link->b] ?? null];
            if ($a !== null && $b !== null) {
                $paths[] = MeasuredPath::of(PlannedPair::of($one->reading, $a, $b, $bare), $link, $isBackKnown);
                $linked[$a->key] = $linked[$b->key] = true;
                $isLinked["{$a->key} {$b->key}"] = $isLinked["{$b->key} {$a->key}"] = true;
            }
        }
        $alone = array_diff_key($ends, $linked);
        $unheard = [];
        foreach (array_values($ends) as $number => $a) {
            foreach (array_slice(array_values($ends), $number + 1) as $b) {
                $isOpen = ! isset($isLinked["{$a->key} {$b->key}"]) && self::isTelling($a, $b, $alone);
                if ($isOpen && count($unheard) < self::MOST_UNHEARD) {
                    $unheard[] = PlannedPair::of($one->reading, $a, $b, $bare);
                }
            }
        }

        return new self($paths, $unheard, array_map(strval(...), array_keys($alone)));
    }

    /**
     * Of other pairs a hub tells nothing: a device tells of its parent alone.
     *
     * @param  array<string, RadioEnd>  $alone
     */
    private static function isTelling(RadioEnd $a, RadioEnd $b, array $alone): bool
    {
        [$first, $second] = [$a->asNode()->relays(), $b->asNode()->relays()];

        return ($first && $second) || (($first || $second) && (isset($alone[$a->key]) || isset($alone[$b->key])));
    }

    /** @return array<string, RadioEnd> of the hub and of the devices that stand in their places */
    public static function ends(JobSheet $sheet, JudgedReading $one): array
    {
        $protocol = $one->reading->protocol;
        $hub = $sheet->hub($one->reading->gateway_id);
        $isAtBench = $sheet->job->school === PairingOrder::AtBench->value;
        $cards = array_filter($sheet->ofProtocol($protocol), static fn (SlotCard $card): bool => $card->isIn()
            && $card->node?->gateway_id === $one->reading->gateway_id && (! $isAtBench || $card->placedAt() !== null));
        $ends = $sheet->radioEnds($cards, $sheet->geometry->building());
        $first = array_values($ends)[0] ?? null;

        return $hub === null || $first === null ? [] : [
            MeasuredMesh::ROOT => new RadioEnd(
                MeasuredMesh::ROOT,
                $hub->place(),
                Transceiver::of($protocol, $sheet->job->region) ?? $first->radio,
                0.0,
                Role::Root,
            ),
        ] + $ends;
    }
}
