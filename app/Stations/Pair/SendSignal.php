<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\Gateway\GatewayClient;
use App\Gateway\HubCommand;
use App\Logbook\Logbook;
use App\Models\Gateway;
use App\Models\LearntKey;
use App\Outside\OutsideRefused;
use Kavvel\Core\Pairing\LearnAct;

/** Has a hub send what a key of a remote sends: as it was learnt, or from its preset. */
final class SendSignal extends HubCommand
{
    private const NO_PRESET = 'no-preset';

    public function __construct(Gateway $gateway, private readonly string $reference)
    {
        parent::__construct($gateway);
    }

    protected function tell(Gateway $gateway, GatewayClient $client): void
    {
        $key = $this->key();
        if ($key === null) {
            return;
        }
        $profile = $key->slot->profile->core($gateway->job()->firstOrFail()->region);
        try {
            $client->sendSignal($this->reference, $profile->protocol->value, $key->signal === null
                ? ['preset' => $profile->model, 'key' => $key->name]
                : ['signal' => $key->signal]);
        } catch (OutsideRefused $refused) {
            // A hub that has no preset for it has said what there is to try: it is learnt.
            if ($refused->reason === self::NO_PRESET) {
                $key->take(LearnAct::PresetFails, Logbook::HUB);
            }
            $key->update(['send_refused' => $this->short($refused->getMessage())]);
        }
    }

    protected function refused(string $why): void
    {
        $this->key()?->update(['sent_reference' => null, 'send_refused' => $this->short($why)]);
    }

    private function key(): ?LearntKey
    {
        return LearntKey::query()->with('slot.profile')->where('sent_reference', $this->reference)->first();
    }

    private function short(string $why): string
    {
        return mb_strimwidth($why, 0, 250, '…');
    }
}
