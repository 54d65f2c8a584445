<?php

declare(strict_types=1);

namespace App\Windows;

use App\Gateway\GatewayClient;
use App\Gateway\HubCommand;
use App\Logbook\Logbook;
use App\Models\Gateway;
use App\Models\JoinWindow;

/** Asks a hub to close a window; that it is closed, the hub says by itself. */
final class CloseWindow extends HubCommand
{
    public function __construct(Gateway $gateway, private readonly int $windowId)
    {
        parent::__construct($gateway);
    }

    protected function tell(Gateway $gateway, GatewayClient $client): void
    {
        $client->closeWindow($this->window()->reference);
    }

    protected function refused(string $why): void
    {
        $window = $this->window();
        $window->update(['reason' => mb_strimwidth($why, 0, 250, '…')]);
        $line = "The window was not closed; it ends by the hub’s own clock. {$why}";
        app(Logbook::class)->write($window->job()->firstOrFail(), Logbook::HUB, 'pair', $line);
    }

    private function window(): JoinWindow
    {
        return JoinWindow::query()->whereKey($this->windowId)->firstOrFail();
    }
}
