<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** What an ecosystem was read to show, held against what is to show there. */
final readonly class Sighting
{
    /**
     * @param  list<Meant>  $missing
     * @param  list<ShownDevice>  $surplus  what nobody meant to show there
     * @param  list<Twins>  $twins
     * @param  array<string, ShownDevice>  $found  by device that was meant, after a blank
     */
    private function __construct(public array $missing, public array $surplus, public array $twins, private array $found) {}

    /**
     * By their marks; where nothing is handed on, by their names. What the client has there beside this job is nobody's business.
     *
     * @param  list<ShownDevice>  $shown
     * @param  list<Meant>  $meant
     * @param  list<string>  $marks  of all devices of the job
     * @param  list<string>  $boxes  names of its boxes
     */
    public static function of(array $shown, array $meant, array $marks, array $boxes): self
    {
        $twins = Twins::among($shown, $meant);
        $found = $missing = $taken = [];
        foreach ($meant as $one) {
            $is = array_values(array_filter($shown, static fn (ShownDevice $entry): bool => self::isSame($entry, $one)));
            foreach ($is as $entry) {
                $taken[] = $entry->id;
            }
            // The one that is to be kept speaks for the device.
            usort($is, static fn (ShownDevice $a, ShownDevice $b): int => ($b->over === $one->over) <=> ($a->over === $one->over));
            if ($is === []) {
                $missing[] = $one;
            } else {
                $found[" {$one->device}"] = $is[0];
            }
        }
        $surplus = array_values(array_filter($shown, static fn (ShownDevice $one): bool => ! in_array($one->id, $taken, true)
            && ($one->mark === null ? in_array($one->over, $boxes, true) : in_array($one->mark, $marks, true))));

        return new self($missing, $surplus, $twins, $found);
    }

    public function found(string $device): ?ShownDevice
    {
        return $this->found[" {$device}"] ?? null;
    }

    /** @return list<Excess> what is to be taken out, by the door that it came in by */
    public function excess(): array
    {
        return Excess::byDoor($this->twins, $this->surplus);
    }

    private static function isSame(ShownDevice $shown, Meant $meant): bool
    {
        return $shown->mark !== null && $meant->mark !== null
            ? $shown->mark === $meant->mark
            : $shown->mark === null && in_array($shown->name, array_filter([$meant->name, $meant->source]), true);
    }
}
