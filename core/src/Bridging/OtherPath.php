<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** A want that goes another way under another policy, and what that changes. */
final readonly class OtherPath
{
    /**
     * @param  list<string>  $gains  capabilities that only this way keeps
     * @param  list<string>  $gives  capabilities that only the other keeps
     */
    private function __construct(public Path $path, public ?Path $instead, public array $gains, public array $gives) {}

    /** @return list<self> the paths of a plan that differ from those of another */
    public static function between(BridgePlan $plan, BridgePlan $other): array
    {
        $others = [];
        foreach ($other->paths as $path) {
            $others[self::pair($path)] = $path;
        }
        $all = [];
        foreach ($plan->paths as $path) {
            $instead = $others[self::pair($path)] ?? null;
            $isSame = $instead !== null && $instead->way->via() === $path->way->via() && $instead->way->form === $path->way->form;
            if (! $isSame) {
                $all[] = new self(
                    $path,
                    $instead,
                    array_values(array_diff($path->way->keeps(), $instead?->way->keeps() ?? [])),
                    array_values(array_diff($instead?->way->keeps() ?? [], $path->way->keeps())),
                );
            }
        }

        return $all;
    }

    private static function pair(Path $path): string
    {
        return serialize([$path->want->device, $path->want->ecosystem]);
    }
}
