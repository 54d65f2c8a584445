<?php

declare(strict_types=1);

namespace App\Wrapping;

use App\Bridging\JobBridging;
use App\Ecosystems\EcosystemClient;
use App\Ecosystems\PlaceCommand;
use App\JobSheet\JobSheet;
use App\Models\BridgeBox;
use App\Models\Ecosystem;
use App\Models\User;
use App\Models\Wrapper;
use App\Outside\OutsideFailure;
use Illuminate\Support\Facades\DB;

/**
 * Has a hub make something of a device.
 *
 * @extends PlaceCommand<BridgeBox>
 */
final class MakeWrapper extends PlaceCommand
{
    private int $wrapperId;

    public function __construct(BridgeBox $box, Wrapper $wrapper, private readonly int $person)
    {
        parent::__construct($box);
        $this->wrapperId = $wrapper->id;
    }

    protected function tell(Ecosystem|BridgeBox $one): void
    {
        $wrapper = Wrapper::query()->whereHas('slot')->with('slot')->find($this->wrapperId);
        if ($wrapper === null || $wrapper->asked_at === null) {
            return;
        }
        $job = $one->job()->firstOrFail();
        $bridging = JobBridging::of(JobSheet::of($job));
        $card = $bridging->sheet->card($wrapper->slot->key);
        $name = $bridging->wrapperName($wrapper);
        $client = EcosystemClient::for($one);
        try {
            $inside = $client->contents()[(string) $card?->node?->address] ?? null;
            if ($card === null || $inside === null) {
                $this->notMade("{$one->name} does not have that device. Look whether that is its hub, or make it there by hand.");

                return;
            }
            $mark = $client->wrap((string) str()->ulid(), $inside, $wrapper, $name);
        } catch (OutsideFailure $failure) {
            $this->notMade($failure->getMessage());

            return;
        }
        $person = User::query()->findOrFail($this->person);
        DB::transaction(static function () use ($job, $one, $wrapper, $mark, $name, $person): void {
            $job->holdForWriting();
            if (Wrapper::query()->whereKey($wrapper->id)->exists()) {
                app(Wrappers::class)->made($job, $wrapper, $mark, $name, $person);
            } elseif ($mark !== null && $one instanceof BridgeBox) {
                // Done without while the hub was slow: what it has made by now goes again.
                dispatch(new TakeWrapperOut($one, $mark))->afterCommit();
            }
        });
    }

    private function notMade(string $why): void
    {
        Wrapper::query()->whereKey($this->wrapperId)->update(['asked_at' => null, 'ask_refused' => mb_strimwidth($why, 0, 250, '…')]);
    }
}
