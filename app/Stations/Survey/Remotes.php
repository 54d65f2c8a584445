<?php

declare(strict_types=1);

namespace App\Stations\Survey;

use App\Editing\OptimisticLock;
use App\Logbook\Logbook;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use Kavvel\Core\Pairing\RemoteTest;

/** Writes down how a machine's own remote was found to work. */
final readonly class Remotes
{
    public function __construct(private OptimisticLock $lock, private Logbook $logbook) {}

    public function note(SiteJob $job, Slot $slot, int $seenVersion, bool $worksAway, bool $toggles, User $person): void
    {
        $this->lock->update(
            $slot,
            $seenVersion,
            ['remote_works_away' => $worksAway, 'remote_toggles' => $toggles],
            "the remote of the {$slot->title()}",
            ['remote_works_away' => 'Works when it points away', 'remote_toggles' => 'One key for on and off'],
        );
        $kind = (new RemoteTest($worksAway, $toggles))->protocol()->title();
        $this->logbook->write($job, $person, 'plan', "Tried the remote of the {$slot->title()}: {$kind}.", $slot);
    }
}
