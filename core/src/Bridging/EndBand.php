<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** What a device said it was, each time it had been driven to one end: never the same twice. */
final readonly class EndBand
{
    /** As many readings show how far they lie apart */
    public const READINGS = 3;

    private const LEAST_SLACK = 3.0;

    /** @param float $slack by how much it may say less or more another time: the fewer readings, the more */
    private function __construct(public float $least, public float $most, public float $slack) {}

    /**
     * Of readings that lie anywhere in a band alike, n of them span (n - 1) / (n + 1) of it on average: what is missing at either side
     * is their own span over n - 1. A few that happen to be alike say nothing of that: some room is left in any case (assumption).
     *
     * @param  list<float>  $readings
     * @return self|null null: too few to say
     */
    public static function of(array $readings): ?self
    {
        if (count($readings) < self::READINGS) {
            return null;
        }
        $spread = max($readings) - min($readings);

        return new self(min($readings), max($readings), max(self::LEAST_SLACK, $spread / (count($readings) - 1)));
    }

    public function spread(): float
    {
        return $this->most - $this->least;
    }

    /** "86 to 93" */
    public function words(): string
    {
        return $this->least === $this->most ? self::text($this->least) : self::text($this->least).' to '.self::text($this->most);
    }

    public static function text(float $value): string
    {
        return rtrim(rtrim(number_format($value, 1, '.', ''), '0'), '.');
    }
}
