<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** The paths that the wants of one device have to choose from, in the order of the wants, the preferred ones first. */
final readonly class Choices
{
    /**
     * @param  list<list<Path>>  $byWant
     * @param  list<bool>  $isReached  by want: by any way, even one that safety forbids
     * @param  int  $free  fabrics that the device can still take
     */
    private function __construct(private array $byWant, private array $isReached, private int $free) {}

    /** @param list<Want> $wants of the device */
    public static function of(Device $device, array $wants, House $house, Ways $ways): self
    {
        $ecosystems = array_map(static fn (Want $want): Ecosystem => $house->ecosystem($want->ecosystem), $wants);
        $into = $ways->into($ecosystems, $device);

        return new self(
            array_map(static fn (Want $want): array => self::paths($want, $into["id {$want->ecosystem}"], $house, $ways->policy), $wants),
            array_map(static fn (Want $want): bool => $into["id {$want->ecosystem}"] !== [], $wants),
            $device->fabricLimit - $device->fabricsUsed,
        );
    }

    /**
     * Each want in turn takes what it prefers of what is left: over boxes that are there or among those bought, and natively only
     * while the device can take one fabric more.
     *
     * @param  int  $bought  the bits of the boxes
     * @return list<Path|null>
     */
    public function serve(int $bought): array
    {
        $free = $this->free;
        $served = [];
        foreach ($this->byWant as $paths) {
            $taken = null;
            foreach ($paths as $path) {
                if (($path->way->toBuy & ~$bought) === 0 && ($free > 0 || ! $path->way->isShare())) {
                    $taken = $path;
                    break;
                }
            }
            $free -= $taken?->way->isShare() === true ? 1 : 0;
            $served[] = $taken;
        }

        return $served;
    }

    /** Whether there is any way, even one that safety forbids. */
    public function isReached(int $want): bool
    {
        return $this->isReached[$want];
    }

    /** The best path of a want, whoever would have to buy what. */
    public function best(int $want): ?Path
    {
        return $this->byWant[$want][0] ?? null;
    }

    /** @param int $bought the bits of the boxes */
    public function countMet(int $bought): int
    {
        return count(array_filter($this->serve($bought), static fn (?Path $path): bool => $path?->isMet() === true));
    }

    /** What is the same for two devices that choose alike. */
    public function kind(): string
    {
        return serialize([max(0, min($this->free, count($this->byWant))), array_map(static fn (array $paths): array => array_map(
            static fn (Path $path): array => [$path->way->toBuy, $path->way->isShare(), $path->isMet()],
            $paths,
        ), $this->byWant)]);
    }

    /**
     * @param  list<Way>  $ways
     * @return list<Path> that may be taken for the want, the preferred ones first
     */
    private static function paths(Want $want, array $ways, House $house, Policy $policy): array
    {
        $onlyLocal = $house->isSafety($want);
        $paths = [];
        foreach ($ways as $way) {
            if ($way->isLocal || ! $onlyLocal) {
                $paths[] = Path::of($want, $way);
            }
        }
        usort($paths, $policy->compare(...));

        return self::worthALook($paths);
    }

    /**
     * Without those that are never taken: one that is preferred needs no box that they do not need.
     *
     * @param  list<Path>  $paths  the preferred ones first
     * @return list<Path>
     */
    private static function worthALook(array $paths): array
    {
        $kept = [];
        foreach ($paths as $path) {
            $better = array_filter($kept, static fn (Path $one): bool => ($one->way->toBuy & $path->way->toBuy) === $one->way->toBuy
                && ! $one->way->isShare());
            if ($better === []) {
                $kept[] = $path;
            }
        }

        return $kept;
    }
}
