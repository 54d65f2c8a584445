<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** A device that is wanted in an ecosystem, and what of it. */
final readonly class Want
{
    /** @param list<string> $needs capabilities */
    public function __construct(public string $device, public string $ecosystem, public array $needs) {}

    public function with(self $other): self
    {
        return new self($this->device, $this->ecosystem, array_values(array_unique([...$this->needs, ...$other->needs])));
    }

    /**
     * A device enters an ecosystem once, whatever is wanted of it there.
     *
     * @param  list<self>  $wants
     * @return list<self> each pair once, in the place of its first
     */
    public static function merged(array $wants): array
    {
        $merged = [];
        foreach ($wants as $want) {
            $pair = serialize([$want->device, $want->ecosystem]);
            $merged[$pair] = isset($merged[$pair]) ? $merged[$pair]->with($want) : $want->with($want);
        }

        return array_values($merged);
    }
}
