<?php

declare(strict_types=1);

namespace App\Stations\Name;

use App\Logbook\Logbook;
use App\Models\Node;
use App\Models\SiteJob;
use App\Models\User;

/** A device blinks, and whoever stands in the house sees which one it is. */
final readonly class Blinks
{
    public function __construct(private Logbook $logbook) {}

    /** @throws BlinkRefused where no hub has a link to it */
    public function tell(SiteJob $job, Node $node, User $person): void
    {
        $gateway = $node->gateway()->whereNotNull('url')->first();
        if ($gateway === null || $node->state === Node::LEFT) {
            throw BlinkRefused::notOverTheLink($node);
        }
        $command = (string) str()->ulid();
        $node->update(['blink_command' => $command, 'blinks_at' => null, 'blink_refused' => null]);
        $this->logbook->write($job, $person, 'name', "Told {$node->address} to blink.");
        TellToBlink::dispatch($gateway, $command, $node->address);
    }
}
