<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Bridging\JobBridging;
use App\Bridging\Showings;
use App\Ecosystems\EcosystemClient;
use App\Ecosystems\PlaceCommand;
use App\JobSheet\JobSheet;
use App\Logbook\Logbook;
use App\Models\BridgeBox;
use App\Models\Ecosystem;
use App\Models\User;
use App\Wrapping\MarksMadeByHand;

/**
 * Has a box show in one form what the plan wants to go by it, and reads whoever takes it in anew.
 *
 * @extends PlaceCommand<BridgeBox>
 */
final class MakeListRight extends PlaceCommand
{
    public function __construct(BridgeBox $one, private readonly string $form, private readonly int $person)
    {
        parent::__construct($one);
    }

    protected function tell(Ecosystem|BridgeBox $one): void
    {
        if (! $one instanceof BridgeBox) {
            return;
        }
        $job = $one->job()->firstOrFail();
        $bridging = JobBridging::of(JobSheet::of($job));
        $client = EcosystemClient::for($one);
        MarksMadeByHand::find($bridging, $client, $one);
        $marks = array_map(
            static fn (string $device): string => (string) $bridging->mark($device),
            Showings::of($bridging)->exportedBy($one->key, $this->form),
        );
        $client->show((string) str()->ulid(), $this->form, array_values(array_intersect_key($client->contents(), array_flip($marks))));
        $one->update(['asked_at' => null, 'read_refused' => null]);
        foreach ($bridging->ecosystems as $ecosystem) {
            app(Asking::class)->read($ecosystem);
        }
        $person = User::query()->findOrFail($this->person);
        app(Logbook::class)->write($job, $person, 'bridge', "The list of what {$one->name} shows is made right, over its link.");
    }
}
