<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** One device that shows twice in an ecosystem: it came in by two paths, and is to come in by one. */
final readonly class Twins
{
    /**
     * @param  Meant|null  $meant  what is to show there; null: nothing of it is
     * @param  ShownDevice|null  $keep  null: nothing of it is to show there
     * @param  list<ShownDevice>  $others  to be taken out, the youngest first: less hangs on it
     */
    private function __construct(public ?Meant $meant, public ?ShownDevice $keep, public array $others) {}

    /**
     * @param  list<ShownDevice>  $shown
     * @param  list<Meant>  $meant
     * @return list<self>
     */
    public static function among(array $shown, array $meant): array
    {
        $byMark = [];
        foreach ($shown as $one) {
            if ($one->mark !== null) {
                $byMark[" {$one->mark}"][] = $one;
            }
        }
        $wanted = [];
        foreach ($meant as $one) {
            $wanted[" {$one->mark}"] = $one;
        }
        $twins = [];
        foreach ($byMark as $mark => $some) {
            if (count($some) > 1) {
                $twins[] = self::of($some, $wanted[$mark] ?? null);
            }
        }

        return $twins;
    }

    /** @param non-empty-list<ShownDevice> $some */
    private static function of(array $some, ?Meant $meant): self
    {
        usort($some, static fn (ShownDevice $a, ShownDevice $b): int => $a->since <=> $b->since);
        $keep = null;
        foreach ($some as $one) {
            $keep ??= $meant !== null && $one->over === $meant->over ? $one : null;
        }
        // As long as none came by the path that was chosen, what is used stays: else nothing of it would show.
        $keep ??= $meant === null ? null : $some[0];

        return new self($meant, $keep, array_reverse(array_values(array_filter(
            $some,
            static fn (ShownDevice $one): bool => $one !== $keep,
        ))));
    }
}
