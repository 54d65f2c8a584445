<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** What a box asks of the network of the house: with whom it has to talk, and whether it has to reach the internet. */
final readonly class NetworkNeed
{
    /** @param list<string> $peers names of boxes and ecosystems, sorted */
    private function __construct(public string $box, public array $peers, public bool $needsInternet) {}

    /**
     * Nothing has to reach the house from outside: no port is opened, whatever is linked.
     *
     * @return array<string, self> by id of the box
     */
    public static function all(Household $household, BridgePlan $plan): array
    {
        $peers = $internet = [];
        foreach ($plan->worthwhile() as $path) {
            $legs = $path->way->legs;
            foreach ($legs as $number => $leg) {
                $next = $legs[$number + 1] ?? null;
                $isLast = $next === null;
                $peer = $isLast ? (string) $household->ecosystem($path->want->ecosystem)?->name : $next->box->name;
                $peers[$leg->box->id][$peer] = true;
                if (! $isLast) {
                    $peers[$next->box->id][$leg->box->name] = true;
                }
                $isCloud = $leg->offer->isCloud || $leg->offer->as === Form::CLOUD_LINK || ($next?->offer->isCloud ?? false);
                $internet[$leg->box->id] = ($internet[$leg->box->id] ?? false) || $isCloud;
            }
        }
        $needs = [];
        foreach ($peers as $box => $names) {
            $box = (string) $box;
            $sorted = array_map(strval(...), array_keys($names));
            sort($sorted, SORT_STRING);
            $needs[$box] = new self($box, $sorted, $internet[$box] ?? false);
        }
        ksort($needs, SORT_STRING);

        return $needs;
    }
}
