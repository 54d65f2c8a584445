<?php

declare(strict_types=1);

namespace Kavvel\Core\Calibrating;

use Kavvel\Core\Protocol\RouteRule;

/** Two radios that ought to hear each other by the plan, and that no reading has a link of. */
final readonly class UnheardPair
{
    /**
     * @param  float  $marginDb  of the worse direction, as forecast with the clutter of the house
     * @param  bool  $isBetweenRelays  each tells of all that it hears; of others a hub tells the chosen parent alone
     */
    public function __construct(
        public string $id,
        public string $a,
        public string $b,
        public float $marginDb,
        public bool $isBetweenRelays,
    ) {}

    /**
     * Those that can't be explained by the scatter of the links: they lack as much as an obstacle takes.
     * Of a device that nobody hears only its best way counts.
     *
     * @param  list<self>  $pairs
     * @param  list<string>  $alone  devices of which no link was read
     * @param  float  $rmseDb  of the links that were read
     * @return list<self> the strongest by forecast first
     */
    public static function beyondDoubt(array $pairs, array $alone, float $rmseDb): array
    {
        $least = RouteRule::EXISTS_DB + max(Calibration::OBSTACLE_DB, Calibration::OBSTACLE_RMSE * $rmseDb);
        $found = [];
        $isTold = [];
        usort($pairs, static fn (self $x, self $y): int => $y->marginDb <=> $x->marginDb ?: strcmp($x->id, $y->id));
        foreach ($pairs as $pair) {
            $lonely = array_values(array_diff(array_intersect([$pair->a, $pair->b], $alone), $isTold));
            if ($pair->marginDb >= $least && ($pair->isBetweenRelays || $lonely !== [])) {
                $found[] = $pair;
                $isTold = [...$isTold, ...$lonely];
            }
        }

        return $found;
    }
}
