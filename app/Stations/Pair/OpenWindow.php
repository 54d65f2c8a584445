<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\Gateway\GatewayClient;
use App\Gateway\HubCommand;
use App\Gateway\WindowEnding;
use App\Models\Gateway;
use App\Models\JoinWindow;
use App\Outside\OutsideRefused;
use Kavvel\Core\Pairing\AttemptEvent;
use Kavvel\Core\Protocol\Protocol;

/** Asks a hub to open a window, for as long as it keeps such windows open, with the code of the device that is to come. */
final class OpenWindow extends HubCommand
{
    public function __construct(Gateway $gateway, private readonly int $windowId)
    {
        parent::__construct($gateway);
    }

    protected function tell(Gateway $gateway, GatewayClient $client): void
    {
        $window = JoinWindow::query()->whereKey($this->windowId)->where('state', 'opening')->with('slot')->first();
        if ($window === null || $window->protocol === null) {
            return;
        }
        $about = $client->about();
        $gateway->update(['kind' => $about['name']]);
        $seconds = $this->longest($about['radios'], $window->protocol);
        $window->update(['seconds' => $seconds]);
        if ($window->kind === 'exclude') {
            $window->update(['listed' => app(SmartStartList::class)->takeOff($gateway, $client, $window->slot)]);
        }
        $client->openWindow(
            $window->reference,
            $window->protocol->value,
            $window->kind,
            $seconds,
            $window->kind === 'join' ? $window->slot?->credentials()->opening()->first()?->secret : null,
        );
    }

    protected function refused(string $why): void
    {
        $window = JoinWindow::query()->whereKey($this->windowId)->where('state', 'opening')->with('attempts.slot.profile')->first();
        if ($window !== null) {
            app(WindowEnding::class)->end($window, AttemptEvent::Refused, now());
            $window->update(['state' => 'refused', 'reason' => mb_strimwidth($why, 0, 250, '…')]);
        }
    }

    /** @param list<array{protocol: string, longestWindowSeconds: int}> $radios */
    private function longest(array $radios, Protocol $protocol): int
    {
        foreach ($radios as $radio) {
            if ($radio['protocol'] === $protocol->value) {
                return $radio['longestWindowSeconds'];
            }
        }

        throw OutsideRefused::saying("It opens no windows for {$protocol->title()}.");
    }
}
