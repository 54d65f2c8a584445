<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Ecosystems\EcosystemClient;
use App\Logbook\Logbook;
use App\Models\BridgeBox;
use App\Models\BridgeLink;
use App\Outside\OutsideCommand;
use App\Outside\OutsideFailure;
use App\Temporary\TemporaryStates;

/** Has a box close the sharing window that it opened for us. Where it can't be told, the window is open until it ends, and that is said. */
final class CloseShareWindow extends OutsideCommand
{
    private int $linkId;

    private int $boxId;

    public function __construct(BridgeLink $link, BridgeBox $box, private readonly string $window)
    {
        parent::__construct($link->company_id);
        $this->linkId = $link->id;
        $this->boxId = $box->id;
    }

    protected function carryOut(): void
    {
        $box = BridgeBox::query()->whereKey($this->boxId)->whereNotNull('url')->first();
        if ($box === null) {
            $this->refused('Its link was taken off.');

            return;
        }
        try {
            EcosystemClient::for($box)->closeWindow((string) str()->ulid(), $this->window);
        } catch (OutsideFailure $failure) {
            $this->refused($failure->getMessage());
        }
    }

    protected function refused(string $why): void
    {
        $link = BridgeLink::query()->whereKey($this->linkId)->first();
        if ($link === null || ! app(TemporaryStates::class)->reopen($link)) {
            return;
        }
        $job = $link->job()->firstOrFail();
        app(Logbook::class)->write($job, Logbook::HUB, 'bridge', "The sharing window was not closed; it ends by itself. {$why}");
        $job->touchLive();
    }

    protected function who(): string
    {
        return 'The box';
    }
}
