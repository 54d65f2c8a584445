<?php

declare(strict_types=1);

namespace App\Plan;

use App\Plan\Layout\Box;
use App\Plan\Layout\Label;
use App\Plan\Layout\PlateStacks;
use Illuminate\Support\Str;
use Kavvel\Core\Proving\Standing;

/**
 * The plates of one storey: a terminal with its two letters for each slot, and one for several that would lie on each other.
 *
 * @phpstan-import-type Plate from Drawing
 */
final readonly class PlateShapes
{
    public const WIDTH = 0.84;

    public const HEIGHT = 0.64;

    /** How far the brackets of the current slot stand off, both sides together */
    private const BRACKET = 0.5;

    /** @param list<Plate> $plates */
    private function __construct(public array $plates, private ?string $current) {}

    public static function of(PlanSheet $sheet, string $storey, Lens $lens, ?string $current): self
    {
        $slots = array_filter($sheet->slots, static fn (PlanSlot $slot): bool => $slot->storey === $storey
            && ($lens->only === null || in_array($slot->protocol, $lens->only, true))
            && ($lens->keys === null || in_array($slot->key, $lens->keys, true)));
        $places = array_map(static fn (PlanSlot $slot): array => [$slot->x, $slot->y], $slots);
        $plates = [];
        foreach (PlateStacks::of($places, self::WIDTH, self::HEIGHT) as $keys) {
            $members = array_map(static fn (string $key): PlanSlot => $slots[$key], $keys);
            $plate = count($keys) > 1 ? self::stack($members, $keys) : self::single($members[0], $lens);
            $plates[] = [...$plate, 'heard' => array_intersect($keys, $lens->heard) !== []];
        }

        return new self($plates, $current);
    }

    /** @return array<string, array{float, float}> by slot: where links to it end */
    public function centres(): array
    {
        $centres = [];
        foreach ($this->plates as $plate) {
            foreach ($plate['keys'] as $key) {
                $centres[$key] = [$plate['box']->centreX(), $plate['box']->centreY()];
            }
        }

        return $centres;
    }

    /** @return list<Box> */
    public function boxes(): array
    {
        return array_column($this->plates, 'box');
    }

    public function bracket(): ?Box
    {
        foreach ($this->plates as $plate) {
            if ($this->isCurrent($plate)) {
                return self::bracketAround($plate['box']);
            }
        }

        return null;
    }

    /** @return list<Label> the slot in hand before the others */
    public function labels(float $fontSize): array
    {
        $plates = $this->plates;
        usort($plates, fn (array $a, array $b): int => $this->isCurrent($b) <=> $this->isCurrent($a));

        return array_map(fn (array $plate): Label => new Label(
            $plate['key'],
            $plate['short'] === null ? [$plate['title']] : [$plate['title'], $plate['short']],
            $this->isCurrent($plate) ? self::bracketAround($plate['box']) : $plate['box'],
            $fontSize,
        ), $plates);
    }

    /** @return Plate */
    private static function single(PlanSlot $slot, Lens $lens): array
    {
        return [
            'key' => $slot->key,
            'tag' => $slot->protocol->tag(),
            'title' => $lens->labels[$slot->key] ?? $slot->title,
            'short' => Str::ucfirst($slot->short),
            'state' => $slot->standing->value,
            'words' => $slot->standing->words(),
            'box' => self::box($slot),
            'keys' => [$slot->key],
            'parts' => [],
            'heard' => false,
        ];
    }

    /**
     * @param  list<PlanSlot>  $members
     * @param  list<string>  $keys
     * @return Plate
     */
    private static function stack(array $members, array $keys): array
    {
        $counts = array_count_values(array_map(static fn (PlanSlot $slot): string => $slot->standing->value, $members));
        $parts = [];
        $words = [];
        foreach ([Standing::Proved, Standing::In, Standing::Fault, Standing::Planned] as $standing) {
            $count = $counts[$standing->value] ?? 0;
            if ($count > 0) {
                $parts = [...$parts, ...array_fill(0, $count, $standing->value)];
                $words[] = "{$count} {$standing->words()}";
            }
        }

        return [
            'key' => $members[0]->key,
            'tag' => '×'.count($members),
            'title' => count($members).' devices',
            'short' => null,
            'state' => 'stack',
            'words' => implode(', ', $words).': '.implode(', ', array_map(static fn (PlanSlot $slot): string => $slot->title, $members)),
            'box' => self::box($members[0]),
            'keys' => $keys,
            'parts' => $parts,
            'heard' => false,
        ];
    }

    private static function box(PlanSlot $slot): Box
    {
        return Box::around($slot->x, $slot->y, self::WIDTH, self::HEIGHT);
    }

    private static function bracketAround(Box $plate): Box
    {
        return Box::around($plate->centreX(), $plate->centreY(), self::WIDTH + self::BRACKET, self::HEIGHT + self::BRACKET);
    }

    /** @param Plate $plate */
    private function isCurrent(array $plate): bool
    {
        return $this->current !== null && in_array($this->current, $plate['keys'], true);
    }
}
