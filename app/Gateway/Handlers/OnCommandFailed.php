<?php

declare(strict_types=1);

namespace App\Gateway\Handlers;

use App\Gateway\Events\CommandFailed;
use App\Models\BusAddress;
use App\Models\EndReading;
use App\Models\ProofCommand;
use App\Models\Slot;
use App\Proving\Proofs;
use App\WhoIsWho\BlinkRecord;
use Kavvel\Core\Proving\Shown;

/** A command was a try of the hub rung, the writing of a name, a telegram of a wired bus, a drive to an end, or an order to blink. */
final readonly class OnCommandFailed
{
    public function __construct(private Proofs $proofs, private BlinkRecord $blinks) {}

    public function handle(CommandFailed $event): void
    {
        $command = ProofCommand::query()->with('slot')->where('reference', $event->command)->first();
        if ($command !== null) {
            $this->proofs->showByCommand($command, Shown::byFailedCommand($event->reason));

            return;
        }
        $this->blinks->failed($event->command, $event->reason);
        Slot::query()->where('site_job_id', $event->gateway->site_job_id)->where('name_command', $event->command)
            ->update(['name_refused' => "The hub could not write it: {$event->reason}."]);
        EndReading::query()->where('site_job_id', $event->gateway->site_job_id)->where('reference', $event->command)
            ->update(['refused' => "It did not get there: {$event->reason}."]);
        BusAddress::query()->where('site_job_id', $event->gateway->site_job_id)->where('sent_reference', $event->command)
            ->update(['sent_reference' => null, 'send_refused' => "The hub could not say it: {$event->reason}."]);
    }
}
