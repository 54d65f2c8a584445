<?php

declare(strict_types=1);

namespace Kavvel\Core\Wants;

/**
 * The fewest devices that serve all demands; among as many, those with the least against them, then the smaller ids. Exact:
 * every choice for the first demand that is still open is followed to its end, and no state is looked at twice.
 */
final class FewestDevices
{
    /** @var array<int, Choice> the best for what is open still, by the demands that are served */
    private array $best = [];

    /** @param list<list<Candidate>> $byDemand for each demand those that serve it */
    private function __construct(private readonly array $byDemand) {}

    /**
     * Demands that no candidate serves must not be among them.
     *
     * @param  list<Candidate>  $candidates
     * @return list<Candidate>
     */
    public static function of(int $demands, array $candidates): array
    {
        $byDemand = array_fill(0, $demands, []);
        foreach (self::worthALook($candidates) as $candidate) {
            for ($demand = 0; $demand < $demands; $demand++) {
                if (($candidate->mask >> $demand & 1) === 1) {
                    $byDemand[$demand][] = $candidate;
                }
            }
        }

        return (new self($byDemand))->from(0, 0)->candidates;
    }

    /**
     * Of those that serve the same, the one with the least against it.
     *
     * @param  list<Candidate>  $candidates
     * @return list<Candidate>
     */
    private static function worthALook(array $candidates): array
    {
        $best = [];
        foreach ($candidates as $candidate) {
            $known = $best[$candidate->mask] ?? null;
            if ($known === null || Choice::none()->with($candidate)->isBetterThan(Choice::none()->with($known))) {
                $best[$candidate->mask] = $candidate;
            }
        }

        return array_values($best);
    }

    private function from(int $served, int $demand): Choice
    {
        while ($demand < count($this->byDemand) && ($served >> $demand & 1) === 1) {
            $demand++;
        }
        if ($demand === count($this->byDemand)) {
            return Choice::none();
        }
        if (isset($this->best[$served])) {
            return $this->best[$served];
        }
        $best = null;
        foreach ($this->byDemand[$demand] as $candidate) {
            $choice = $this->from($served | $candidate->mask, $demand + 1)->with($candidate);
            $best = $best === null || $choice->isBetterThan($best) ? $choice : $best;
        }

        return $this->best[$served] = $best ?? Choice::none();
    }
}
