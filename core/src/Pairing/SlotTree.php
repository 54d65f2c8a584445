<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

use Kavvel\Core\Input\InvalidInput;

/** Slots and their predicted parents, checked: every chain of parents ends at the gateway. */
final readonly class SlotTree
{
    /** @var array<string, OrderSlot> keyed so that ids of digits stay text */
    private array $slots;

    /** @var array<string, int> levels from the gateway */
    private array $levels;

    /** @var array<string, int> slots below each router */
    private array $descendants;

    /**
     * @param  list<OrderSlot>  $slots
     *
     * @throws InvalidInput
     */
    public function __construct(array $slots, private string $gateway)
    {
        $byId = [];
        foreach ($slots as $at => $slot) {
            if (isset($byId["id {$slot->id}"]) || $slot->id === $gateway) {
                throw InvalidInput::duplicateId($slot->id, "\$.slots[{$at}].id");
            }
            $byId["id {$slot->id}"] = $slot;
        }
        $this->slots = $byId;
        $levels = [];
        $descendants = [];
        foreach ($slots as $at => $slot) {
            $chain = $this->chain($slot, $at);
            $levels["id {$slot->id}"] = count($chain) + 1;
            foreach ($chain as $above) {
                $descendants["id {$above->id}"] = ($descendants["id {$above->id}"] ?? 0) + 1;
            }
        }
        $this->levels = $levels;
        $this->descendants = $descendants;
    }

    /** @return list<OrderSlot> */
    public function slots(): array
    {
        return array_values($this->slots);
    }

    public function level(OrderSlot $slot): int
    {
        return $this->levels["id {$slot->id}"];
    }

    public function descendants(OrderSlot $slot): int
    {
        return $this->descendants["id {$slot->id}"] ?? 0;
    }

    /** The slot's parent, or null when it hangs on the gateway itself. */
    public function parent(OrderSlot $slot): ?OrderSlot
    {
        return $slot->parent === null || $slot->parent === $this->gateway ? null : $this->slots["id {$slot->parent}"] ?? null;
    }

    /** @return list<OrderSlot> from the parent up to the one below the gateway */
    private function chain(OrderSlot $slot, int $at): array
    {
        $chain = [];
        $seen = ["id {$slot->id}" => $slot->id];
        for ($child = $slot; $child->parent !== null && $child->parent !== $this->gateway; $child = $parent) {
            $where = "\$.slots[{$at}].parent";
            $parent = $this->slots["id {$child->parent}"] ?? throw InvalidInput::unknownId($child->parent, $where);
            if (isset($seen["id {$parent->id}"])) {
                throw UnsoundParents::loop([...array_values($seen), $parent->id], $where);
            }
            if (! $parent->relays()) {
                throw UnsoundParents::cannotRelay(
                    $child->id,
                    $parent->id,
                    $parent->isLast() ? 'it joins no mesh' : 'an end device does not relay',
                    $where,
                );
            }
            $seen["id {$parent->id}"] = $parent->id;
            $chain[] = $parent;
        }

        return $chain;
    }
}
