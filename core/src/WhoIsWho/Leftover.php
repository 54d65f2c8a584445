<?php

declare(strict_types=1);

namespace Kavvel\Core\WhoIsWho;

use Kavvel\Core\Naming\Text;

/** An entry that is left on a hub's list: one that was replaced, or a second copy of one thing. */
final readonly class Leftover
{
    /**
     * @param  string|null  $slot  key of the one that it is a copy of; null: it was replaced
     * @param  bool  $isLivelier  it was heard later than the one that the slot has
     */
    private function __construct(public string $id, public ?string $slot, public bool $isLivelier) {}

    /**
     * @param  list<SeenNode>  $nodes
     * @param  array<string, string>  $names  of slots, by key
     * @return list<self> in the order of the list
     */
    public static function all(array $nodes, array $names): array
    {
        $owners = [];
        foreach ($nodes as $node) {
            if ($node->slot !== null) {
                $owners[$node->slot] = $node;
            }
        }
        $called = [];
        foreach ($owners as $slot => $owner) {
            foreach (array_filter([$names[$slot] ?? null, $owner->label]) as $name) {
                $called[' '.Text::slug($name)] ??= (string) $slot;
            }
        }
        $left = [];
        foreach ($nodes as $node) {
            if ($node->isGivenUp) {
                $left[] = new self($node->id, null, false);
            } elseif ($node->slot === null && $node->label !== null) {
                $slot = self::copied($node->label, $called);
                if ($slot !== null) {
                    $left[] = new self($node->id, $slot, ($node->heardAt ?? 0) > ($owners[$slot]->heardAt ?? 0));
                }
            }
        }

        return $left;
    }

    /**
     * The very name of another, or that with a number behind it, which a hub gives to a second one.
     *
     * @param  array<string, string>  $called  keys of slots, by " slug"
     */
    private static function copied(string $label, array $called): ?string
    {
        $slug = Text::slug($label);

        return $called[" {$slug}"] ?? $called[' '.preg_replace('/_\d+$/', '', $slug)] ?? null;
    }
}
