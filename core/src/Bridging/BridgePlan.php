<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** How every want reaches its ecosystem under a policy, what is bought for it, and what does not get through. */
final readonly class BridgePlan
{
    /**
     * @param  list<Path>  $paths  of every want that has one, in the order of the wants
     * @param  list<Impossible>  $impossible  wants that are not met, in the order of the wants
     * @param  list<SharedRemoval>  $removals
     * @param  list<Fabrics>  $fabrics
     */
    private function __construct(
        public Policy $policy,
        public Buying $buying,
        public array $paths,
        public array $impossible,
        public array $removals,
        public array $fabrics,
    ) {}

    /**
     * @param  list<Want>  $wants
     *
     * @throws TooManyWays
     * @throws UnknownInHouse
     */
    public static function of(House $house, array $wants, Policy $policy): self
    {
        $wants = Want::merged($wants);
        $ways = new Ways($house, $policy);
        $byDevice = [];
        foreach ($wants as $number => $want) {
            $byDevice["id {$want->device}"][$number] = $want;
        }
        $choices = array_map(static fn (array $some): Choices => Choices::of(
            $house->device(reset($some)->device),
            array_values($some),
            $house,
            $ways,
        ), $byDevice);
        $buying = Buying::of($house, array_values($choices));

        $paths = $impossible = [];
        foreach ($byDevice as $key => $some) {
            $served = $choices[$key]->serve($buying->bits);
            foreach (array_keys($some) as $turn => $number) {
                $want = $wants[$number];
                $path = $served[$turn];
                if ($path !== null) {
                    $paths[$number] = $path;
                }
                if ($path?->isMet() !== true) {
                    $impossible[$number] = Impossible::of($want, $path, $choices[$key], $turn, $house);
                }
            }
        }
        ksort($paths);
        ksort($impossible);
        $paths = array_values($paths);

        return new self(
            $policy,
            $buying,
            $paths,
            array_values($impossible),
            SharedRemoval::among($paths, $house),
            Fabrics::among($paths, $house),
        );
    }

    /** @return list<Path> those worth linking, as something of what is wanted arrives */
    public function worthwhile(): array
    {
        return array_values(array_filter($this->paths, static fn (Path $path): bool => $path->brings()));
    }

    public function countMet(): int
    {
        return count(array_filter($this->paths, static fn (Path $path): bool => $path->isMet()));
    }
}
