<?php

declare(strict_types=1);

namespace App\Stations\Mesh;

use App\JobSheet\JobSheet;
use App\Radio\FreeMainsPoints;
use Kavvel\Core\Coverage\RelayAdvice;
use Kavvel\Core\Mesh\Verdict;
use LogicException;

/** One relay that makes a thin or lost device accepted: one that the plan has, or a new one at a free mains point. */
final readonly class Remedy
{
    /**
     * @param  string|null  $slot  the planned relay, which has only to be paired
     * @param  string|null  $point  where a new one would be plugged in
     * @param  string  $where  in the middle of a sentence: "socket in the pantry"
     * @param  int  $others  how many more devices it makes accepted
     * @param  array{lost: int, thin: int}  $now
     * @param  array{lost: int, thin: int}  $then
     */
    private function __construct(
        public ?string $slot,
        public ?string $point,
        public string $room,
        public string $where,
        public float $distanceM,
        public int $others,
        public array $now,
        public array $then,
    ) {}

    public static function pairing(JobSheet $sheet, RelayAdvice $advice): self
    {
        $card = $sheet->cards[$advice->place];

        return self::of($card->key(), null, $card->room, "{$card->slot->title()} in the ".mb_strtolower($card->room), $advice);
    }

    public static function pluggingIn(JobSheet $sheet, RelayAdvice $advice): self
    {
        $key = substr($advice->place, strlen(FreeMainsPoints::PREFIX));
        foreach ($sheet->geometry->points as $point) {
            if ($point['key'] === $key) {
                $room = $sheet->geometry->rooms[$point['room']]['name'];

                return self::of(null, $key, $room, FreeMainsPoints::where($sheet, $point), $advice);
            }
        }

        throw new LogicException("There is no point {$key}.");
    }

    private static function of(?string $slot, ?string $point, string $room, string $where, RelayAdvice $advice): self
    {
        return new self(
            $slot,
            $point,
            $room,
            $where,
            $advice->distanceM,
            count($advice->gains()) - 1,
            ['lost' => $advice->now->count(Verdict::Lost), 'thin' => $advice->now->count(Verdict::Thin)],
            ['lost' => $advice->withIt->count(Verdict::Lost), 'thin' => $advice->withIt->count(Verdict::Thin)],
        );
    }
}
