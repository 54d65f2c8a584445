<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/**
 * The ways of devices through the boxes of a house that could ever be the best under a policy: those that another outdoes are left
 * out as soon as they are seen, and with them every way that goes on from there.
 */
final class Ways
{
    /** Ways held against each other: what is weighed in a few seconds */
    private const MOST_LOOKS = 1_500_000;

    private int $looks = 0;

    /** @var array<string, array<string, list<Way>>> by what matters of a device and where it is wanted, then by ecosystem */
    private array $known = [];

    public function __construct(private readonly House $house, public readonly Policy $policy) {}

    /**
     * @param  list<Ecosystem>  $ecosystems
     * @return array<string, list<Way>> by "id …" of the ecosystem: the preferred ones first, but for what is wanted
     *
     * @throws TooManyWays
     */
    public function into(array $ecosystems, Device $device): array
    {
        $kind = serialize([
            $device->capabilities, $device->speaks, $device->release?->text,
            array_map(static fn (Ecosystem $one): string => $one->id, $ecosystems),
        ]);

        return $this->known[$kind] ??= $this->search($device, $ecosystems);
    }

    /**
     * One box more at a time.
     *
     * @param  list<Ecosystem>  $ecosystems
     * @return array<string, list<Way>>
     */
    private function search(Device $device, array $ecosystems): array
    {
        $front = array_map(fn (int $start): Way => Way::from($device, $start, $this->house), array_keys(array_unique($device->speaks)));
        $byExit = [];
        $arrived = array_fill_keys(array_map(static fn (Ecosystem $one): string => "id {$one->id}", $ecosystems), []);
        while ($front !== []) {
            foreach ($ecosystems as $ecosystem) {
                $arrived["id {$ecosystem->id}"] = $this->arrivals($arrived["id {$ecosystem->id}"], $front, $ecosystem);
            }
            $next = [];
            foreach ($front as $way) {
                foreach ($this->onwards($way) as [$exit, $longer]) {
                    if (! $this->isOutdone($longer, $byExit[$exit] ?? []) && $this->leadsOn($longer, $ecosystems, $arrived)) {
                        $byExit[$exit] = [...$this->notOutdoneBy($longer, $byExit[$exit] ?? []), $longer];
                        $next[$exit] = [...$this->notOutdoneBy($longer, $next[$exit] ?? []), $longer];
                    }
                }
            }
            $front = array_merge(...array_values($next));
        }

        return $arrived;
    }

    /**
     * @param  list<Way>  $arrived  so far
     * @param  list<Way>  $front
     * @return list<Way>
     */
    private function arrivals(array $arrived, array $front, Ecosystem $ecosystem): array
    {
        foreach ($front as $way) {
            if (in_array($way->form, $ecosystem->accepts, true)) {
                $arrived[] = $way->into($ecosystem);
            }
        }
        usort($arrived, $this->policy->compareWays(...));
        $kept = [];
        foreach ($arrived as $way) {
            if (! $this->isOutdone($way, $kept)) {
                $kept[] = $way;
            }
        }

        return $kept;
    }

    /**
     * Whether it could still become the better way into one of the ecosystems: at best it loses there only what is not known there.
     *
     * @param  list<Ecosystem>  $ecosystems
     * @param  array<string, list<Way>>  $arrived
     */
    private function leadsOn(Way $way, array $ecosystems, array $arrived): bool
    {
        foreach ($ecosystems as $ecosystem) {
            if (! $this->isOutdone($way->atBestIn($ecosystem), $arrived["id {$ecosystem->id}"])) {
                return true;
            }
        }

        return false;
    }

    /** @return iterable<array{string, Way}> one box further, and by which exit: a box and one of its offers */
    private function onwards(Way $way): iterable
    {
        foreach ($this->house->accepting($way->form) as $box) {
            $this->look();
            if ($way->passes($box)) {
                continue;
            }
            foreach (array_keys($box->offers) as $exit) {
                yield ["{$box->id} {$exit}", $way->through($box, $exit, $this->house)];
            }
        }
    }

    /** @param list<Way> $others */
    private function isOutdone(Way $way, array $others): bool
    {
        foreach ($others as $other) {
            $this->look();
            if ($other->outdoes($way, $this->policy)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<Way>  $others
     * @return list<Way>
     */
    private function notOutdoneBy(Way $way, array $others): array
    {
        return array_values(array_filter($others, fn (Way $other): bool => ! $way->outdoes($other, $this->policy)));
    }

    private function look(): void
    {
        if (++$this->looks > self::MOST_LOOKS) {
            throw TooManyWays::through();
        }
    }
}
