<?php

declare(strict_types=1);

namespace App\Stations\Name;

use App\Editing\OptimisticLock;
use App\Logbook\Logbook;
use App\Models\SiteJob;
use App\Models\User;

/** The platforms that show the names of a job with their limits, and the groups that they have. */
final readonly class NameRules
{
    private const LABELS = ['name_platforms' => 'Who shows the names', 'name_groups' => 'Groups'];

    public function __construct(private OptimisticLock $lock, private Logbook $logbook) {}

    /** @param array<string, string|null> $values */
    public function change(SiteJob $job, int $seenVersion, array $values, User $person): void
    {
        $this->lock->update($job, $seenVersion, $values, 'who shows the names', self::LABELS);
        $this->logbook->write($job, $person, 'name', 'Noted who else shows the names, and which groups there are.');
    }
}
