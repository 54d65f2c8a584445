<?php

declare(strict_types=1);

namespace Kavvel\Core\Closing;

/** How many of a kind the designer counts, the plan has, and are fitted: any difference is a line to settle (RULES 9.2). */
final readonly class CountDifference
{
    private function __construct(public string $purpose, public ?int $designer, public int $plan, public int $fitted) {}

    /**
     * @param  array<string, int>  $designer  by purpose; what is missing was not counted
     * @param  array<string, int>  $plan
     * @param  array<string, int>  $fitted
     * @return list<self> by purpose
     */
    public static function among(array $designer, array $plan, array $fitted): array
    {
        $purposes = array_unique(array_map(strval(...), [...array_keys($designer), ...array_keys($plan)]));
        sort($purposes);
        $all = array_map(static fn (string $purpose): self => new self(
            $purpose,
            $designer[$purpose] ?? null,
            $plan[$purpose] ?? 0,
            $fitted[$purpose] ?? 0,
        ), $purposes);

        return array_values(array_filter($all, static fn (self $one): bool => $one->designer !== null && $one->designer !== $one->plan
            || $one->fitted > $one->plan));
    }

    public function words(): string
    {
        return match (true) {
            $this->designer !== null && $this->designer > $this->plan => 'the plan lacks '.($this->designer - $this->plan),
            $this->designer !== null && $this->designer < $this->plan => 'the plan has '.($this->plan - $this->designer).' more',
            default => 'more are fitted than planned',
        };
    }
}
