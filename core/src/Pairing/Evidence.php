<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

use Kavvel\Core\Catalogue\Profile;

/** What is known when an attempt has failed: margin in dB to the nearest thing it could join, and what came before. */
final readonly class Evidence
{
    /** @param list<string> $missing capabilities that the profile has and the interview did not find */
    public function __construct(
        public AttemptState $ending,
        public Profile $profile,
        public ?float $marginDb,
        public int $sameBefore,
        public bool $sawLight,
        public array $missing = [],
    ) {}
}
