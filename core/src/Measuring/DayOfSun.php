<?php

declare(strict_types=1);

namespace Kavvel\Core\Measuring;

/** One day of the sun at a window. Minutes of the day by the local clock. */
final readonly class DayOfSun
{
    /**
     * @param  list<array{int, int}>  $glare  from when to when it shines in
     * @param  float|null  $sunset  null: it does not set, or does not rise
     */
    public function __construct(public string $called, public array $glare, public ?float $sunrise, public ?float $sunset) {}
}
