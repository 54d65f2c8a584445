<?php

declare(strict_types=1);

namespace App\Stations\Survey\Wiring;

use App\Models\SiteJob;
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

        return new self($code, $code === null ? [] : Drop::all($plan, $cables->points, $code));
    }

    /** @return list<Drop> that are permitted nowhere where their point is */
    public function out(): array
    {
        return array_values(array_filter($this->drops, static fn (Drop $one): bool => $one->isOut));
    }
}
