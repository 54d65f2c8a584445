<?php

declare(strict_types=1);

namespace Kavvel\Core\Calibrating;

/** A wall or floor in the way of links that are far worse than the plan lets expect: something may sit in it. */
final readonly class WallSuspect
{
    private function __construct(public string $label, public int $bad, public int $good) {}

    /**
     * The one that most of the bad links and the fewest good ones pass stands first.
     *
     * @param  list<list<string>>  $bad  labels of what each bad link passes
     * @param  list<list<string>>  $good  of what each other link passes
     * @return list<self> only such as a bad link passes
     */
    public static function ranked(array $bad, array $good): array
    {
        [$inBad, $inGood] = [self::counted($bad), self::counted($good)];
        $suspects = [];
        foreach ($inBad as $label => $count) {
            $suspects[] = new self(substr($label, 1), $count, $inGood[$label] ?? 0);
        }
        usort($suspects, static fn (self $a, self $b): int => $b->share() <=> $a->share()
            ?: $b->bad <=> $a->bad
            ?: strcmp($a->label, $b->label));

        return $suspects;
    }

    /** Most links through it are bad. */
    public function isLikely(): bool
    {
        return $this->bad > $this->good;
    }

    /** Of the links through it, how many are bad. */
    public function share(): float
    {
        return $this->bad / ($this->bad + $this->good);
    }

    /**
     * @param  list<list<string>>  $links
     * @return array<string, int> links by label, with a sign before it so that a number stays text
     */
    private static function counted(array $links): array
    {
        $counts = [];
        foreach ($links as $labels) {
            foreach (array_unique($labels) as $label) {
                $counts["={$label}"] = ($counts["={$label}"] ?? 0) + 1;
            }
        }

        return $counts;
    }
}
