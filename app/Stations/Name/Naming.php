<?php

declare(strict_types=1);

namespace App\Stations\Name;

use App\Editing\OptimisticLock;
use App\Gateway\GatewayAway;
use App\Gateway\GatewayClient;
use App\Gateway\GatewayRefused;
use App\JobSheet\JobSheet;
use App\Logbook\Logbook;
use App\Models\Node;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use LogicException;

/** Gives a slot its name, and writes it to the node. It counts as named once the gateway has confirmed it. */
final readonly class Naming
{
    public function __construct(private Names $names, private OptimisticLock $lock, private Logbook $logbook) {}

    /** @throws ValidationException when the name would be mistaken for another */
    public function give(SiteJob $job, Slot $slot, string $name, int $seenVersion, User $person): void
    {
        $sheet = JobSheet::of($job);
        $card = $sheet->cards[$slot->key];
        $objection = $this->names->objection($sheet, $card, $name);
        if ($objection !== null) {
            throw ValidationException::withMessages(['name' => $objection]);
        }
        $isLinked = $card->node !== null && $sheet->isLinked($card);
        $this->lock->update($slot, $seenVersion, ['name' => $name, 'named_at' => $isLinked ? null : now()], "the {$slot->title()}", ['name' => 'Name']);
        $this->logbook->write($job, $person, 'name', "Named the {$slot->title()} “{$name}”.", $slot);
        if ($isLinked) {
            DB::afterCommit(fn () => $this->write($card->node ?? throw new LogicException('A linked slot has a node.'), $name));
        }
    }

    private function write(Node $node, string $name): void
    {
        try {
            GatewayClient::for($node->gateway()->firstOrFail())->label((string) str()->ulid(), $node->address, $name);
        } catch (GatewayAway|GatewayRefused $failed) {
            session()->flash('notice', "The name is kept here, but is not on the device yet. {$failed->getMessage()} Send it again when the gateway is back.");
        }
    }
}
