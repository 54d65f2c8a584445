<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\Gateway\GatewayClient;
use App\Gateway\GatewayRefused;
use App\Gateway\HubCommand;
use App\Gateway\WindowEnding;
use App\Models\Gateway;
use App\Models\JoinWindow;
use Kavvel\Core\Pairing\AttemptEvent;
use Kavvel\Core\Protocol\Protocol;

/** Asks a hub to open a window, for as long as it keeps such windows open. */
final class OpenWindow extends HubCommand
{
    public function __construct(Gateway $gateway, private readonly int $windowId, private readonly Protocol $protocol)
    {
        parent::__construct($gateway);
    }

    protected function tell(Gateway $gateway, GatewayClient $client): void
    {
        $window = JoinWindow::query()->whereKey($this->windowId)->where('state', 'opening')->first();
        if ($window === null) {
            return;
        }
        $seconds = $this->longest($client);
        $window->update(['seconds' => $seconds]);
        $client->openWindow($window->reference, $this->protocol->value, $seconds);
    }

    protected function refused(string $why): void
    {
        $window = JoinWindow::query()->whereKey($this->windowId)->where('state', 'opening')->with('attempts.slot')->first();
        if ($window !== null) {
            app(WindowEnding::class)->end($window, AttemptEvent::Refused, now());
            $window->update(['state' => 'refused', 'reason' => mb_strimwidth($why, 0, 250, '…')]);
        }
    }

    private function longest(GatewayClient $client): int
    {
        foreach ($client->about()['radios'] as $radio) {
            if ($radio['protocol'] === $this->protocol->value) {
                return $radio['longestWindowSeconds'];
            }
        }

        throw GatewayRefused::saying("It opens no windows for {$this->protocol->title()}.");
    }
}
