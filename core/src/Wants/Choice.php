<?php

declare(strict_types=1);

namespace Kavvel\Core\Wants;

/** Some devices that serve demands together. */
final readonly class Choice
{
    /** @param list<Candidate> $candidates in order of id */
    private function __construct(public array $candidates, private Drawbacks $drawbacks) {}

    public static function none(): self
    {
        return new self([], Drawbacks::none());
    }

    public function with(Candidate $candidate): self
    {
        $all = [...$this->candidates, $candidate];
        usort($all, static fn (Candidate $a, Candidate $b): int => $a->id() <=> $b->id());

        return new self($all, $this->drawbacks->plus($candidate->drawbacks));
    }

    public function isBetterThan(self $other): bool
    {
        return $this->key() < $other->key();
    }

    /** @return array{int, list<int>, list<string>} */
    private function key(): array
    {
        return [
            count($this->candidates),
            $this->drawbacks->counts,
            array_map(static fn (Candidate $one): string => $one->id(), $this->candidates),
        ];
    }
}
