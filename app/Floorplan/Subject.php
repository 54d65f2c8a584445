<?php

declare(strict_types=1);

namespace App\Floorplan;

use Kavvel\Core\Floorplan\Plan;

/** What a person is about to change, and how it looked to them: somebody else may have changed it since. */
final readonly class Subject
{
    public function __construct(public string $section, public string $key, private string $seen) {}

    /** Short, and another one for every state of the thing. */
    public static function mark(Plan $plan, string $section, string $key): string
    {
        return substr(hash('xxh128', (string) json_encode($plan->row($section, $key))), 0, 12);
    }

    /** @throws PlanEditRefused */
    public function check(Plan $plan): void
    {
        if ($this->seen !== self::mark($plan, $this->section, $this->key)) {
            throw PlanEditRefused::changedSince(match ($this->section) {
                'rooms' => mb_strtolower($plan->room($this->key)->name),
                'walls' => $plan->wall($this->key)->label,
                'storeys' => "storey “{$plan->storey($this->key)->name}”",
                'ducts' => "duct “{$plan->duct($this->key)->name}”",
                default => $plan->thing($this->section, $this->key)->name,
            });
        }
    }
}
