<?php

declare(strict_types=1);

namespace App\Vitals;

use Illuminate\Support\Carbon;

/** A part that gives no sign of life, and since when. */
final readonly class Away
{
    public function __construct(public Part $part, public ?Carbon $since) {}

    public static function orNull(Part $part): ?self
    {
        $last = Heartbeat::last($part);

        return $last !== null && $last->diffInSeconds(now()) > $part->silentAfterSeconds() ? new self($part, $last) : null;
    }

    /** @return list<self> processes that a page can do without */
    public static function behindThePage(): array
    {
        return array_values(array_filter(array_map(self::orNull(...), [Part::Listener, Part::Commands, Part::Queue])));
    }

    public function words(): string
    {
        $since = $this->since === null ? 'does not answer' : "has given no sign of life since {$this->since->onSite()->format('H:i')}";

        return "{$this->part->title()} {$since}. {$this->part->consequence()}";
    }
}
