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
        foreach ($slots as $at => $slot) {
            $this->checkParent($slot, "\$.slots[{$at}].parent");
        }
        $this->levels = $this->levelsOf($slots);
        $descendants = [];
        $lowestFirst = array_keys($this->levels);
        usort($lowestFirst, fn (string $a, string $b): int => $this->levels[$b] <=> $this->levels[$a]);
        foreach ($lowestFirst as $key) {
            $parent = $this->parent($this->slots[$key]);
            if ($parent !== null) {
                $descendants["id {$parent->id}"] = ($descendants["id {$parent->id}"] ?? 0) + 1 + ($descendants[$key] ?? 0);
            }
        }
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

    /** @throws InvalidInput */
    private function checkParent(OrderSlot $slot, string $where): void
    {
        if ($slot->parent === null || $slot->parent === $this->gateway) {
            return;
        }
        $parent = $this->slots["id {$slot->parent}"] ?? throw InvalidInput::unknownId($slot->parent, $where);
        if (! $parent->relays()) {
            throw UnsoundParents::cannotRelay(
                $slot->id,
                $parent->id,
                $parent->isLast() ? 'it joins no mesh' : 'an end device does not relay',
                $where,
            );
        }
    }

    /**
     * @param  list<OrderSlot>  $slots
     * @return array<string, int> each counted once, whatever hangs below it
     *
     * @throws InvalidInput
     */
    private function levelsOf(array $slots): array
    {
        $levels = [];
        foreach ($slots as $at => $slot) {
            $chain = [];
            for ($one = $slot; $one !== null && ! isset($levels["id {$one->id}"]); $one = $this->parent($one)) {
                if (isset($chain["id {$one->id}"])) {
                    $ids = array_map(static fn (OrderSlot $seen): string => $seen->id, array_values($chain));
                    throw UnsoundParents::loop([...$ids, $one->id], "\$.slots[{$at}].parent");
                }
                $chain["id {$one->id}"] = $one;
            }
            $level = $one === null ? 0 : $levels["id {$one->id}"];
            foreach (array_reverse($chain, true) as $key => $link) {
                $levels[$key] = ++$level;
            }
        }

        return $levels;
    }
}
