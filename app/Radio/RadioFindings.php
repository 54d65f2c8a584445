<?php

declare(strict_types=1);

namespace App\Radio;

use App\JobSheet\Hub;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use Illuminate\Support\Str;
use Kavvel\Core\Radio\Antenna;
use Kavvel\Core\Radio\Disturber;
use Kavvel\Core\Radio\RadioCheck;
use Kavvel\Core\Radio\RadioFinding;
use Kavvel\Core\Site\Vec3;

/** What the core finds about the radios of a job. */
final readonly class RadioFindings
{
    private RadioCheck $check;

    public function __construct(private JobSheet $sheet)
    {
        $disturbers = [];
        foreach ($sheet->geometry->points as $point) {
            $disturber = Disturber::tryFrom($point['purpose']);
            if ($disturber !== null) {
                $disturbers[] = [$disturber, new Vec3($point['x'], $point['y'], $point['z'])];
            }
        }
        $this->check = new RadioCheck($sheet->job->region, $disturbers);
    }

    /** @return list<RadioFinding> the gravest first */
    public function all(): array
    {
        $findings = array_merge(...array_map($this->ofHub(...), $this->sheet->hubs));
        foreach ($this->sheet->cards as $card) {
            $findings = [...$findings, ...$this->of($card)];
        }
        usort($findings, static fn (RadioFinding $a, RadioFinding $b): int => $a->rank <=> $b->rank);

        return $findings;
    }

    /** @return list<RadioFinding> */
    public function of(SlotCard $card): array
    {
        return $this->check->of(new Antenna(
            $card->key(),
            $card->called,
            $card->position(),
            [$card->profile->protocol],
            $card->profile->radio,
            $card->profile->region,
            $card->profile->reporting,
        ));
    }

    /** @return list<RadioFinding> */
    private function ofHub(Hub $hub): array
    {
        return $this->check->of(new Antenna(null, Str::lcfirst($hub->gateway->name), $hub->place(), $hub->speaks));
    }
}
