<?php

declare(strict_types=1);

namespace App\Stations\Survey\Wiring;

use App\Logbook\Logbook;
use App\Models\SiteJob;
use App\Models\User;
use Kavvel\Core\Cabling\HouseCables;
use Kavvel\Core\Drops\Drop;
use Kavvel\Core\Drops\DropCode;
use Kavvel\Core\Floorplan\Plan;

/** Where the cables of a job may lie buried, by the code that was chosen for it. */
final readonly class DropSheet
{
    /** @param array<string, Drop> $drops by key of the point; none as long as nobody has chosen a code */
    private function __construct(public ?DropCode $code, public array $drops) {}

    public static function of(SiteJob $job, Plan $plan, HouseCables $cables): self
    {
        $code = $job->drop_code;
        $drops = [];
        if ($code !== null) {
            foreach ($cables->points as $point) {
                $drops[$point->key] = Drop::of($plan, $point, $code);
            }
        }

        return new self($code, $drops);
    }

    public static function choose(SiteJob $job, DropCode $code, User $person, Logbook $logbook): void
    {
        $job->update(['drop_code' => $code]);
        $logbook->write($job, $person, 'plan', "Buried cables: {$code->words()}.");
    }

    /** @return list<Drop> that are permitted nowhere where their point is */
    public function out(): array
    {
        return array_values(array_filter($this->drops, static fn (Drop $one): bool => $one->isOut));
    }
}
