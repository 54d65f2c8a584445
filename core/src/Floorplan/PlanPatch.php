<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

/** What one edit changed: each element as it was and as it is. Taken back it leaves exactly what was. */
final readonly class PlanPatch
{
    /** @param list<array{section: string, key: string, before: array<string, mixed>|null, after: array<string, mixed>|null}> $changes */
    public function __construct(public array $changes) {}

    public static function between(Plan $before, Plan $after): self
    {
        $changes = [];
        foreach (self::elements($after) as $section => $elements) {
            $were = self::elements($before)[$section];
            foreach (array_replace($were, $elements) as $name => $any) {
                $old = $were[$name] ?? null;
                $new = $elements[$name] ?? null;
                // What was not touched is the very same.
                if ($old !== $new && ! self::isSame($old?->row(), $new?->row())) {
                    $section = $any instanceof Thing ? $any->section : $section;
                    $changes[] = ['section' => $section, 'key' => $any->key, 'before' => $old?->row(), 'after' => $new?->row()];
                }
            }
        }

        return new self($changes);
    }

    /** @return array<string, array<string, Storey|Room|PlanWall|Duct|Thing>> */
    private static function elements(Plan $plan): array
    {
        return [
            'storeys' => $plan->storeys,
            'rooms' => $plan->rooms,
            'walls' => $plan->walls,
            'ducts' => $plan->ducts,
            'things' => $plan->things,
        ];
    }

    public function isEmpty(): bool
    {
        return $this->changes === [];
    }

    public function inverse(): self
    {
        return new self(array_map(
            static fn (array $one): array => [...$one, 'before' => $one['after'], 'after' => $one['before']],
            array_reverse($this->changes),
        ));
    }

    /** @throws PlanRefused where the plan is not what the patch was made for */
    public function applyTo(Plan $plan): Plan
    {
        $rows = $plan->rows();
        foreach ($this->changes as ['section' => $section, 'key' => $key, 'before' => $before, 'after' => $after]) {
            if (! self::isSame($rows[$section][$key] ?? null, $before)) {
                throw PlanRefused::movedOn();
            }
            if ($after === null) {
                unset($rows[$section][$key]);
            } else {
                $rows[$section][$key] = $after;
            }
        }

        return Plan::of(array_map(array_values(...), $rows));
    }

    /**
     * As a file has it: there 4 and 4.0 are one.
     *
     * @param  array<string, mixed>|null  $one
     * @param  array<string, mixed>|null  $other
     */
    private static function isSame(?array $one, ?array $other): bool
    {
        return json_encode($one) === json_encode($other);
    }
}
