<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Ecosystems\ReadPlace;
use App\Models\BridgeBox;
use App\Models\Ecosystem;
use App\Models\User;
use App\Outside\OutsideCommand;

/** Asks ecosystems and boxes over their links. Who is asked already is not asked twice. */
final readonly class Asking
{
    /** What an ecosystem shows, or what runs on a box. */
    public function read(Ecosystem|BridgeBox $one): void
    {
        $this->ask($one, new ReadPlace($one));
    }

    /** Names and rooms are set there as they are to be. */
    public function setNames(Ecosystem $ecosystem, User $person): void
    {
        $this->ask($ecosystem, new RenameThere($ecosystem, $person->id));
    }

    /** A box shows in a form what the plan wants, and nothing else. */
    public function makeListRight(BridgeBox $box, string $form, User $person): void
    {
        $this->ask($box, new MakeListRight($box, $form, $person->id));
    }

    private function ask(Ecosystem|BridgeBox $one, OutsideCommand $command): void
    {
        if ($one->url === null || $one->isAsked()) {
            return;
        }
        $one->update(['asked_at' => now(), 'read_refused' => null]);
        dispatch($command)->afterCommit();
        $one->job()->firstOrFail()->touchLive();
    }
}
