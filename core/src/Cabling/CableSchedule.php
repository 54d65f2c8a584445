<?php

declare(strict_types=1);

namespace Kavvel\Core\Cabling;

use Kavvel\Core\Site\Vec3;

/** Every cable of a house with its length, and the drums that they are cut from. */
final readonly class CableSchedule
{
    /** What is left of a drum may be off by rounding */
    private const NEAR_DM = 1e-6;

    /**
     * @param  list<CableRun>  $runs  by id
     * @param  list<Drum>  $drums  by cable, in the order in which they are begun
     */
    private function __construct(public array $runs, public array $drums) {}

    /**
     * @param  list<CablePoint>  $points
     * @param  non-empty-list<float>  $sizes  of the drums to be had, in metres
     *
     * @throws RunTooLong
     */
    public static function of(Vec3 $rack, array $points, array $sizes): self
    {
        sort($sizes);
        $runs = [];
        $byCable = [];
        foreach ($points as $point) {
            $way = $point->wayFrom($rack);
            foreach ($point->runIds() as $id) {
                $run = CableRun::along($id, $point->cable, $way, $point->isData);
                $runs[] = $run;
                $byCable["cable {$point->cable}"][] = $run;
            }
        }
        usort($runs, static fn (CableRun $a, CableRun $b): int => strcmp($a->id, $b->id));
        ksort($byCable, SORT_STRING);

        return new self($runs, array_merge(...array_values(array_map(
            static fn (array $ofCable): array => self::cut($ofCable, $sizes),
            $byCable,
        ))));
    }

    /** @return list<string> data runs that are longer than a link may be */
    public function tooLong(): array
    {
        $long = array_filter($this->runs, static fn (CableRun $run): bool => $run->isTooLong());

        return array_values(array_map(static fn (CableRun $run): string => $run->id, $long));
    }

    /**
     * Longest first, each into the first drum that has room.
     *
     * @param  non-empty-list<CableRun>  $runs
     * @param  non-empty-list<float>  $sizes  smallest first
     * @return list<Drum>
     */
    private static function cut(array $runs, array $sizes): array
    {
        usort($runs, static fn (CableRun $a, CableRun $b): int => $b->decimetres <=> $a->decimetres ?: strcmp($a->id, $b->id));
        $largest = $sizes[count($sizes) - 1];
        $capacity = (int) floor(10 * $largest + self::NEAR_DM);
        if ($runs[0]->decimetres > $capacity) {
            throw RunTooLong::forDrums($runs[0], $largest);
        }
        $fit = new FirstFit(count($runs), $capacity);
        $cut = [];
        foreach ($runs as $run) {
            $cut[$fit->take($run->decimetres)][] = $run;
        }

        return array_values(array_map(
            static fn (array $drum): Drum => new Drum($drum[0]->cable, self::smallest($drum, $sizes), $drum),
            $cut,
        ));
    }

    /**
     * @param  list<CableRun>  $runs
     * @param  non-empty-list<float>  $sizes  smallest first
     */
    private static function smallest(array $runs, array $sizes): float
    {
        $largest = array_pop($sizes);
        foreach ($sizes as $size) {
            if (Drum::decimetres($runs) <= 10 * $size + self::NEAR_DM) {
                return $size;
            }
        }

        return $largest;
    }
}
