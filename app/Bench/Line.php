<?php

declare(strict_types=1);

namespace App\Bench;

use App\JobSheet\JobCounts;
use App\JobSheet\JobSheet;
use LogicException;

/** Where the work stands, station by station. */
final readonly class Line
{
    /** @param list<Tap> $taps */
    private function __construct(public array $taps) {}

    public static function of(StationList $stations, JobSheet $sheet, JobCounts $counts): self
    {
        $taps = [];
        foreach ($stations->all() as $name => $station) {
            $taps[] = new Tap($name, $station->number(), $station->title(), $station->progress($sheet, $counts));
        }

        return new self($taps);
    }

    public function tap(string $name): Tap
    {
        foreach ($this->taps as $tap) {
            if ($tap->name === $name) {
                return $tap;
            }
        }

        throw new LogicException("The line has no {$name}.");
    }
}
