<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Bridging\JobBridging;
use App\Bridging\Showings;
use App\Ecosystems\EcosystemClient;
use App\Ecosystems\PlaceCommand;
use App\Ecosystems\Reader;
use App\JobSheet\JobSheet;
use App\Logbook\Logbook;
use App\Models\BridgeBox;
use App\Models\Ecosystem;
use App\Models\User;

/**
 * Sets names and rooms in an ecosystem, and reads what came of it.
 *
 * @extends PlaceCommand<Ecosystem>
 */
final class RenameThere extends PlaceCommand
{
    public function __construct(Ecosystem $one, private readonly int $person)
    {
        parent::__construct($one);
    }

    protected function tell(Ecosystem|BridgeBox $one): void
    {
        if (! $one instanceof Ecosystem) {
            return;
        }
        $job = $one->job()->firstOrFail();
        $reader = app(Reader::class);
        $reader->read($one);
        $showings = Showings::of(JobBridging::of(JobSheet::of($job)));
        $client = EcosystemClient::for($one);
        $set = 0;
        foreach ($showings->toSet($one->key) as $cell) {
            $shown = $showings->sighting($one->key)?->found($cell->meant->device);
            if ($shown !== null) {
                $client->rename((string) str()->ulid(), $shown->id, $cell->meant->name ?? $shown->name, $cell->meant->room);
                $set++;
            }
        }
        $reader->read($one);
        $many = $set === 1 ? 'One name is' : "{$set} names are";
        $line = "{$many} set in {$one->name}, over its link.";
        app(Logbook::class)->write($job, User::query()->findOrFail($this->person), 'bridge', $line);
    }
}
