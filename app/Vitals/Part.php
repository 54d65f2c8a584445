<?php

declare(strict_types=1);

namespace App\Vitals;

/** What keeps Kavvel going beside the web server. The value names its sign of life. */
enum Part: string
{
    case Database = 'database';
    case Listener = 'gateway';
    case Commands = 'commands';
    case Queue = 'queue';
    case Scheduler = 'schedule';

    public function title(): string
    {
        return match ($this) {
            self::Database => 'The database',
            self::Listener => 'The hub listener',
            self::Commands => 'The worker that tells the hubs',
            self::Queue => 'The queue worker',
            self::Scheduler => 'The scheduler',
        };
    }

    /** What its absence means for the work. */
    public function consequence(): string
    {
        return match ($this) {
            self::Database => 'Nothing can be shown or saved until it is back.',
            self::Listener => 'Until it is back, nothing is heard from any hub.',
            self::Commands => 'Until it is back, what hubs are told waits.',
            self::Queue => 'Until it is back, packs wait.',
            self::Scheduler => 'Until it is back, nothing old is tidied away.',
        };
    }

    /** Longer without a sign of life, and it counts as away. A queue worker gives none during a job. */
    public function silentAfterSeconds(): int
    {
        return match ($this) {
            self::Database, self::Listener => 20,
            self::Commands => 40,
            self::Queue, self::Scheduler => 150,
        };
    }
}
