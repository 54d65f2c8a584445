<?php

declare(strict_types=1);

namespace App\Gateway\Handlers;

use App\Gateway\Events\CommandDone;
use App\Models\EndReading;
use App\Models\ProofCommand;
use App\Proving\Proofs;
use App\WhoIsWho\BlinkRecord;
use Kavvel\Core\Proving\Shown;

final readonly class OnCommandDone
{
    private const TOP = 100;

    public function __construct(private Proofs $proofs, private BlinkRecord $blinks) {}

    public function handle(CommandDone $event): void
    {
        $this->blinks->begun($event->command);
        $this->positionReached($event);
        $command = ProofCommand::query()->with('slot')->where('reference', $event->command)->first();
        if ($command !== null) {
            $this->proofs->showByCommand($command, Shown::byCommand($event->value));
        }
    }

    /** It was driven to one of its ends, and says where it stands. */
    private function positionReached(CommandDone $event): void
    {
        $reading = EndReading::query()->where('site_job_id', $event->gateway->site_job_id)
            ->where('reference', $event->command)->whereNull('value')->first();
        $isPosition = is_numeric($event->value) && (float) $event->value >= 0 && (float) $event->value <= self::TOP;
        $reading?->update($isPosition
            ? ['value' => (float) $event->value, 'refused' => null]
            : ['refused' => "It says “{$event->value}” there, and that is no position in percent."]);
    }
}
