<?php

declare(strict_types=1);

namespace App\Stations\Survey\Wants;

use App\Editing\OptimisticLock;
use App\Logbook\Logbook;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use Kavvel\Core\Wants\PlugLoad;

/** Writes down what a plug feeds. */
final readonly class PlugLoads
{
    private const LABELS = [
        'load_what' => 'Feeds', 'load_watts' => 'Watts', 'load_stays_on' => 'Must stay on', 'load_heats' => 'Heats or cooks',
    ];

    public function __construct(private OptimisticLock $lock, private Logbook $logbook) {}

    public function note(SiteJob $job, Slot $slot, int $seenVersion, PlugLoad $load, User $person): void
    {
        $this->lock->update($slot, $seenVersion, [
            'load_what' => $load->what, 'load_watts' => $load->watts, 'load_stays_on' => $load->staysOn, 'load_heats' => $load->heats,
        ], "what the {$slot->title()} feeds", self::LABELS);
        $this->logbook->write($job, $person, 'plan', "The {$slot->title()} feeds: {$load->what}.", $slot);
    }
}
