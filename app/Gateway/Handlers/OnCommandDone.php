<?php

declare(strict_types=1);

namespace App\Gateway\Handlers;

use App\Gateway\Events\CommandDone;
use App\Models\ProofCommand;
use App\Proving\Proofs;
use App\WhoIsWho\BlinkRecord;
use Kavvel\Core\Proving\Shown;

final readonly class OnCommandDone
{
    public function __construct(private Proofs $proofs, private BlinkRecord $blinks) {}

    public function handle(CommandDone $event): void
    {
        $this->blinks->begun($event->command);
        $command = ProofCommand::query()->with('slot')->where('reference', $event->command)->first();
        if ($command !== null) {
            $this->proofs->showByCommand($command, Shown::byCommand($event->value));
        }
    }
}
