<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

use Kavvel\Core\Input\InvalidInput;

/**
 * The order in which devices are paired, each with its reason; total and stable.
 *
 * In place: routers level by level outward, so that routes and parents are true from the start; a device
 * with secure inclusion straight after its parent; then the other battery devices. At the bench: routers by
 * how much hangs on them; quicker, but every device is rechecked once it is placed.
 */
final readonly class WorkOrder
{
    private function __construct(private SlotTree $tree) {}

    /**
     * @param  list<OrderSlot>  $slots
     * @return list<OrderEntry> every slot once
     *
     * @throws InvalidInput
     */
    public static function of(PairingOrder $school, array $slots, string $gateway): array
    {
        $order = new self(new SlotTree($slots, $gateway));

        return $school === PairingOrder::InPlace ? $order->inPlace() : $order->atBench();
    }

    /**
     * The same order with what can't be done now behind what can: last what waits for a hub that is silent, before that what
     * somebody has put off.
     *
     * @param  list<OrderEntry>  $entries
     * @param  list<string>  $waiting  ids
     * @param  list<string>  $putOff  ids
     * @return list<OrderEntry>
     */
    public static function postponed(array $entries, array $waiting, array $putOff): array
    {
        $delay = static fn (OrderEntry $entry): array => [in_array($entry->id, $waiting, true), in_array($entry->id, $putOff, true)];
        usort($entries, static fn (OrderEntry $a, OrderEntry $b): int => $delay($a) <=> $delay($b));

        return $entries;
    }

    /** @return list<OrderEntry> */
    private function inPlace(): array
    {
        $routers = $this->pick(static fn (OrderSlot $slot): bool => $slot->relays());
        usort($routers, fn (OrderSlot $a, OrderSlot $b): int => $this->tree->level($a) <=> $this->tree->level($b)
            ?: $this->tree->descendants($b) <=> $this->tree->descendants($a)
            ?: $b->marginDb <=> $a->marginDb
            ?: strcmp($a->id, $b->id));
        $ends = $this->pick(static fn (OrderSlot $slot): bool => ! $slot->isRouter && ! $slot->isLast());
        $secure = $this->byParent(array_filter($ends, static fn (OrderSlot $slot): bool => $slot->isSecure), self::byId(...));
        $others = $this->byParent(array_filter($ends, static fn (OrderSlot $slot): bool => ! $slot->isSecure), self::byMargin(...));

        $entries = $this->entries($secure[''] ?? [], 'Joins securely, straight to the hub');
        foreach ($routers as $router) {
            $entries[] = new OrderEntry($router->id, $this->whyRouter($router));
            array_push($entries, ...$this->entries($secure["id {$router->id}"] ?? [], 'Joins securely, right after its relay'));
        }
        array_push($entries, ...$this->entries($others[''] ?? [], 'Passes nothing on, straight to the hub'));
        foreach ($routers as $router) {
            array_push($entries, ...$this->entries($others["id {$router->id}"] ?? [], 'Passes nothing on; its relay is in by now'));
        }

        return [...$entries, ...$this->last()];
    }

    /** @return list<OrderEntry> */
    private function atBench(): array
    {
        $routers = $this->pick(static fn (OrderSlot $slot): bool => $slot->relays());
        usort(
            $routers,
            fn (OrderSlot $a, OrderSlot $b): int => $this->tree
                ->descendants($b) <=> $this->tree
                ->descendants($a) ?: strcmp($a->id, $b->id),
        );
        $ends = $this->pick(static fn (OrderSlot $slot): bool => ! $slot->isRouter && ! $slot->isLast());
        usort($ends, static fn (OrderSlot $a, OrderSlot $b): int => $b->isSecure <=> $a->isSecure ?: strcmp($a->id, $b->id));

        return [
            ...array_map(
                fn (OrderSlot $slot): OrderEntry => new OrderEntry($slot->id, $this->whyRouter($slot).'; recheck it once placed'),
                $routers,
            ),
            ...array_map(static fn (OrderSlot $slot): OrderEntry => new OrderEntry(
                $slot->id,
                $slot->isSecure ? 'Joins securely beside the hub; recheck it once placed' : 'Passes nothing on; recheck it once placed',
            ), $ends),
            ...$this->last(),
        ];
    }

    private function whyRouter(OrderSlot $slot): string
    {
        $below = $this->tree->descendants($slot);
        $parent = $this->tree->parent($slot);

        return match (true) {
            $below === 1 => 'One device reaches the hub through this one',
            $below > 1 => "{$below} devices reach the hub through this one",
            $parent !== null => "Mains relay; its way leads through “{$parent->id}”",
            default => 'Mains relay, straight to the hub',
        };
    }

    /** @return list<OrderEntry> */
    private function last(): array
    {
        $slots = $this->pick(static fn (OrderSlot $slot): bool => $slot->isLast());
        usort($slots, self::byId(...));

        return array_map(static fn (OrderSlot $slot): OrderEntry => new OrderEntry(
            $slot->id,
            "{$slot->protocol?->title()} joins no mesh: last",
        ), $slots);
    }

    /**
     * @param  callable(OrderSlot): bool  $wanted
     * @return list<OrderSlot>
     */
    private function pick(callable $wanted): array
    {
        return array_values(array_filter($this->tree->slots(), $wanted));
    }

    /**
     * @param  array<int, OrderSlot>  $slots
     * @param  callable(OrderSlot, OrderSlot): int  $compare
     * @return array<string, list<OrderSlot>> by parent; '' is the hub
     */
    private function byParent(array $slots, callable $compare): array
    {
        usort($slots, $compare);
        $groups = [];
        foreach ($slots as $slot) {
            $parent = $this->tree->parent($slot);
            $groups[$parent === null ? '' : "id {$parent->id}"][] = $slot;
        }

        return $groups;
    }

    /**
     * @param  list<OrderSlot>  $slots
     * @return list<OrderEntry>
     */
    private function entries(array $slots, string $why): array
    {
        return array_map(static fn (OrderSlot $slot): OrderEntry => new OrderEntry($slot->id, $why), $slots);
    }

    private static function byId(OrderSlot $a, OrderSlot $b): int
    {
        return strcmp($a->id, $b->id);
    }

    private static function byMargin(OrderSlot $a, OrderSlot $b): int
    {
        return $b->marginDb <=> $a->marginDb ?: strcmp($a->id, $b->id);
    }
}
