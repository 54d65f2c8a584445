<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** Operated from one place, looked at in another: how often it was seen, how soon, and whether it was right. */
final readonly class CrossCell
{
    /** A state that shows later than that is late */
    public const IN_TIME_MS = 2000;

    /** @param list<int> $times in milliseconds, of the tries of which something was seen, sorted */
    private function __construct(public CrossVerdict $verdict, public int $tries, public array $times) {}

    /** @param list<CrossTry> $tries of one origin */
    public static function of(array $tries, string $observer): self
    {
        $times = [];
        $wrong = 0;
        foreach ($tries as $try) {
            $seen = $try->seen[$observer] ?? null;
            if ($seen !== null) {
                $times[] = max(0, $seen['ms']);
                $wrong += (int) ($seen['value'] !== $try->value);
            }
        }
        sort($times);

        return new self(match (true) {
            $tries === [] => CrossVerdict::Untried,
            $times === [] => CrossVerdict::Silent,
            $wrong > 0 => CrossVerdict::Reversed,
            count($times) < count($tries) => CrossVerdict::Misses,
            $times[count($times) - 1] > self::IN_TIME_MS => CrossVerdict::Straggles,
            default => CrossVerdict::InTime,
        }, count($tries), $times);
    }

    public function medianMs(): ?int
    {
        $middle = intdiv(count($this->times), 2);

        return match (true) {
            $this->times === [] => null,
            count($this->times) % 2 === 1 => $this->times[$middle],
            default => intdiv($this->times[$middle - 1] + $this->times[$middle], 2),
        };
    }

    public function worstMs(): ?int
    {
        return $this->times === [] ? null : $this->times[count($this->times) - 1];
    }
}
