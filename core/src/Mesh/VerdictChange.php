<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

/** A device on whose way another reading says something else. */
final readonly class VerdictChange
{
    /** @param Verdict|null $before  null: it was not there */
    private function __construct(public string $id, public ?Verdict $before, public ?Verdict $now) {}

    /**
     * The worse first: what is lost now before what is thin, what has gone, then what has come or got better.
     *
     * @return list<self> only of those that changed
     */
    public static function between(MeshReport $before, MeshReport $now): array
    {
        $changes = [];
        foreach ($now->nodes as $node) {
            $was = $before->node($node->id)?->verdict;
            if ($was !== $node->verdict) {
                $changes[] = new self($node->id, $was, $node->verdict);
            }
        }
        foreach ($before->nodes as $node) {
            if ($now->node($node->id) === null) {
                $changes[] = new self($node->id, $node->verdict, null);
            }
        }
        usort($changes, static fn (self $a, self $b): int => $b->harm() <=> $a->harm() ?: strcmp($a->id, $b->id));

        return $changes;
    }

    public function isWorse(): bool
    {
        return $this->before !== null && $this->now !== null && $this->now->rank() > $this->before->rank();
    }

    public function isBetter(): bool
    {
        return $this->before !== null && $this->now !== null && $this->now->rank() < $this->before->rank();
    }

    private function harm(): int
    {
        return match (true) {
            $this->isWorse() => 10 + ($this->now?->rank() ?? 0),
            $this->now === null => 5,
            $this->before === null => 1 + $this->now->rank(),
            default => 0,
        };
    }
}
