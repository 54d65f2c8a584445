<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Bridging\JobBridging;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Logbook\Logbook;
use App\Models\CrossRun;
use App\Models\SiteJob;
use App\Models\User;
use Kavvel\Core\Bridging\CrossTest;

/** Tests from all sides: a device is operated from every ecosystem that shows it, and looked at in every one. */
final readonly class Crossings
{
    public function __construct(private Logbook $logbook) {}

    /**
     * Where a device can be operated and looked at over a link: its id there, by ecosystem. None: it may not be tried like that.
     *
     * @return array<string, string>
     */
    public static function places(JobBridging $bridging, string $slot): array
    {
        $card = $bridging->sheet->card($slot);
        if ($card?->node === null || ! $card->isIn() || ! CrossTest::mayBeTried($card->profile, $card->slot->plugLoad())) {
            return [];
        }
        $places = [];
        foreach ($bridging->ecosystems as $key => $ecosystem) {
            foreach ($ecosystem->url === null ? [] : $ecosystem->shownDevices() as $shown) {
                if ($shown->mark === $card->node->address && in_array('on-off', $shown->capabilities, true)) {
                    $places[(string) $key] ??= $shown->id;
                }
            }
        }

        return $places;
    }

    /** Of the device that is there now: what another has shown says nothing of it. */
    public static function last(SiteJob $job, SlotCard $card): ?CrossRun
    {
        return CrossRun::query()->where('site_job_id', $job->id)->where('slot_key', $card->key())->where('node_id', $card->node?->id)
            ->latest('id')->first();
    }

    /** @throws CrossRefused */
    public function begin(SiteJob $job, string $slot, User $person): void
    {
        $job->holdForWriting();
        $bridging = JobBridging::of(JobSheet::of($job));
        $places = self::places($bridging, $slot);
        if ($places === []) {
            throw CrossRefused::canNotBeTried();
        }
        $other = self::underWay($job);
        if ($other !== null) {
            throw CrossRefused::isUnderWay($bridging->device($other->slot_key)->name);
        }
        $before = $this->before($bridging, $places);
        $run = CrossRun::query()->create([
            'site_job_id' => $job->id, 'slot_key' => $slot, 'node_id' => $bridging->card($slot)?->node?->id, 'places' => $places,
            'plan' => CrossTest::orders(array_map(strval(...), array_keys($places)), $before), 'orders' => [],
            'sights' => [], 'cursors' => [],
            'before' => $before, 'by' => $person->name, 'started_at' => now(),
        ]);
        dispatch(new CrossStep($run))->afterCommit();
        $this->logbook->write($job, $person, 'bridge', "Tried from all sides: {$bridging->device($slot)->name}.");
    }

    public function stop(SiteJob $job, User $person): void
    {
        $run = self::underWay($job);
        if ($run !== null) {
            $run->update(['ended_at' => now(), 'stopped_because' => "{$person->name} stopped it."]);
            $job->touchLive();
        }
    }

    public static function underWay(SiteJob $job): ?CrossRun
    {
        return CrossRun::query()->where('site_job_id', $job->id)->whereNull('ended_at')
            ->where('started_at', '>', now()->subSeconds(CrossRun::LONGEST))->latest('id')->first();
    }

    /** @param array<string, string> $places */
    private function before(JobBridging $bridging, array $places): string
    {
        foreach ($places as $key => $id) {
            foreach ($bridging->ecosystems[$key]->shownDevices() as $shown) {
                if ($shown->id === $id && isset($shown->values['on-off'])) {
                    return $shown->values['on-off'];
                }
            }
        }

        return 'off';
    }
}
