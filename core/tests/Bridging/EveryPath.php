<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Bridging;

use Kavvel\Core\Bridging\Box;
use Kavvel\Core\Bridging\Capability;
use Kavvel\Core\Bridging\Device;
use Kavvel\Core\Bridging\Ecosystem;
use Kavvel\Core\Bridging\Offer;
use Kavvel\Core\Bridging\Policy;
use Kavvel\Core\Bridging\Want;

/** The same rules once more, told as plainly as can be: every path is walked and every set of boxes is bought. */
final class EveryPath
{
    /** @var array<string, list<array<string, mixed>>> */
    private array $known = [];

    public function __construct(private readonly HouseOfBoxes $all, private readonly Policy $policy) {}

    /**
     * @return array{list<string>, list<array<string, mixed>|null>} boxes to buy, and what each want takes
     */
    public function answer(): array
    {
        $toBuy = array_values(array_filter($this->all->boxes, static fn (Box $box): bool => ! $box->isOwned));
        usort($toBuy, static fn (Box $a, Box $b): int => strcmp($a->id, $b->id));
        $best = null;
        $met = static fn (array $served): int => count(array_filter($served, static fn (?array $one): bool => $one['met'] ?? false));
        $most = $met($this->serve(array_column($toBuy, 'id')));
        foreach (range(0, (1 << count($toBuy)) - 1) as $bits) {
            $set = array_values(array_filter($toBuy, static fn (int $n): bool => (bool) ($bits >> $n & 1), ARRAY_FILTER_USE_KEY));
            $ids = array_column($set, 'id');
            $served = $this->serve($ids);
            $order = [array_sum(array_column($set, 'cost')), count($ids), implode(' ', $ids)];
            if ($met($served) === $most && ($best === null || $order < $best[0])) {
                $best = [$order, $ids, $served];
            }
        }

        return [$best[1] ?? [], $best[2] ?? []];
    }

    /**
     * @param  list<string>  $bought
     * @return list<array<string, mixed>|null>
     */
    public function serve(array $bought): array
    {
        $held = [];
        $served = [];
        foreach ($this->all->wants as $want) {
            $device = $this->device($want->device);
            $used = $held[$device->id] ?? $device->fabricsUsed;
            $paths = array_filter($this->paths($want), fn (array $path): bool => array_diff($path['via'], $this->owned(), $bought) === []
                && (! $path['share'] || $used < $device->fabricLimit));
            usort($paths, $this->compare(...));
            $path = $paths[0] ?? null;
            $held[$device->id] = $used + (($path['share'] ?? false) ? 1 : 0);
            $served[] = $path;
        }

        return $served;
    }

    /** @return list<array<string, mixed>> */
    public function paths(Want $want): array
    {
        $device = $this->device($want->device);
        $ecosystem = array_column($this->all->ecosystems, null, 'id')[$want->ecosystem];
        $key = "{$want->device} {$want->ecosystem}";
        if (! isset($this->known[$key])) {
            $paths = [];
            foreach ($device->speaks as $form) {
                array_push($paths, ...$this->walk($device, $form, [], $ecosystem));
            }
            $safety = $device->isSafety || array_filter($want->needs, fn (string $need): bool => $this->capability($need)->isSafety) !== [];
            $this->known[$key] = array_values(array_map(static fn (array $path): array => $path + [
                'lostNeeds' => count(array_diff($want->needs, $path['keeps'])),
                'met' => array_diff($want->needs, $path['keeps']) === [],
            ], array_filter($paths, static fn (array $path): bool => $path['local'] || ! $safety)));
        }

        return $this->known[$key];
    }

    /**
     * @param  array<string, mixed>  $a
     * @param  array<string, mixed>  $b
     */
    public function compare(array $a, array $b): int
    {
        $order = fn (array $path): array => [$path['met'] ? 0 : 1, ...match ($this->policy) {
            Policy::LocalFirst => [$path['cloud'], $path['lostNeeds'], count($path['lost']), count($path['via']), $path['latency']],
            Policy::EveryFunction => [$path['lostNeeds'], count($path['lost']), $path['cloud'], count($path['via']), $path['latency']],
            Policy::FewestBoxes => [count($path['via']), $path['lostNeeds'], $path['cloud'], $path['latency'], count($path['lost'])],
        }, implode(' ', $path['via'])];

        return $order($a) <=> $order($b);
    }

    /**
     * @param  list<array{Box, Offer}>  $legs
     * @return list<array<string, mixed>>
     */
    private function walk(Device $device, string $form, array $legs, Ecosystem $ecosystem): array
    {
        $last = $legs === [] ? $form : $legs[count($legs) - 1][1]->as;
        $paths = in_array($last, $ecosystem->accepts, true) ? [$this->told($device, $form, $legs, $ecosystem)] : [];
        foreach ($this->all->boxes as $box) {
            if (in_array($last, $box->accepts, true) && ! in_array($box, array_column($legs, 0), true)) {
                foreach ($box->offers as $offer) {
                    array_push($paths, ...$this->walk($device, $form, [...$legs, [$box, $offer]], $ecosystem));
                }
            }
        }

        return $paths;
    }

    /**
     * @param  list<array{Box, Offer}>  $legs
     * @return array<string, mixed>
     */
    private function told(Device $device, string $form, array $legs, Ecosystem $ecosystem): array
    {
        $lost = $keeps = [];
        foreach ($device->capabilities as $id) {
            $at = $this->lostAt($this->capability($id), $device, $form, $legs, $ecosystem);
            if ($at === null) {
                $keeps[] = $id;
            } else {
                $lost[$id] = $at;
            }
        }
        sort($keeps);
        ksort($lost);
        $forms = [$form, ...array_map(static fn (array $leg): string => $leg[1]->as, $legs)];
        $clouds = count(array_filter($legs, static fn (array $leg): bool => $leg[1]->isCloud));

        return [
            'via' => array_map(static fn (array $leg): string => $leg[0]->id, $legs),
            'keeps' => $keeps,
            'lost' => $lost,
            'cloud' => $clouds + ($form === 'cloud-link' ? 1 : 0),
            'local' => $clouds === 0 && ! in_array('cloud-link', $forms, true),
            'latency' => round(array_sum(array_map(static fn (array $leg): float => $leg[0]->latencyMs, $legs)), 6),
            'share' => $legs === [] && $form === 'matter',
        ];
    }

    /** @param list<array{Box, Offer}> $legs */
    private function lostAt(Capability $what, Device $device, string $form, array $legs, Ecosystem $ecosystem): ?string
    {
        $sent = $device->release;
        foreach ($legs as [$box, $offer]) {
            if ($this->isTooNew($what, $form, $sent, $box->release) || in_array($what->id, $offer->drops, true)) {
                return $box->id;
            }
            [$form, $sent] = [$offer->as, $offer->release];
        }

        return $this->isTooNew($what, $form, $sent, $ecosystem->release) || ! in_array($what->id, $ecosystem->knows, true)
            ? $ecosystem->id
            : null;
    }

    private function isTooNew(Capability $what, string $form, mixed $sent, mixed $received): bool
    {
        return in_array($form, ['matter', 'matter-bridge'], true) && $what->since !== null
            && min((float) ($sent->text ?? 99), (float) ($received->text ?? 99)) < (float) $what->since->text;
    }

    private function capability(string $id): Capability
    {
        foreach ($this->all->capabilities as $capability) {
            if ($capability->id === $id) {
                return $capability;
            }
        }

        return new Capability($id);
    }

    private function device(string $id): Device
    {
        return array_column($this->all->devices, null, 'id')[$id];
    }

    /** @return list<string> */
    private function owned(): array
    {
        return array_column(array_filter($this->all->boxes, static fn (Box $box): bool => $box->isOwned), 'id');
    }
}
