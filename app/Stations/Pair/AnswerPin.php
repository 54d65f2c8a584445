<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\Gateway\GatewayClient;
use App\Gateway\HubCommand;
use App\Models\Gateway;
use App\Models\PairAttempt;
use Illuminate\Contracts\Queue\ShouldBeEncrypted;

/** Tells a hub the digits that it asked for. */
final class AnswerPin extends HubCommand implements ShouldBeEncrypted
{
    public function __construct(
        Gateway $gateway,
        private readonly string $command,
        private readonly int $attemptId,
        private readonly string $pin,
    ) {
        parent::__construct($gateway);
    }

    protected function tell(Gateway $gateway, GatewayClient $client): void
    {
        $attempt = PairAttempt::query()->with('joinWindow')->whereKey($this->attemptId)->whereNotNull('asked_dsk')->first();
        if ($attempt?->joinWindow !== null) {
            $client->answer($attempt->joinWindow->reference, $this->command, $this->pin);
        }
    }

    protected function refused(string $why): void
    {
        PairAttempt::query()->whereKey($this->attemptId)->whereNotNull('asked_dsk')->first()
            ?->update(['pin_refused' => mb_strimwidth($why, 0, 250, '…')]);
    }
}
