<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Bridging\FreeKey;
use App\Editing\OptimisticLock;
use App\Logbook\Logbook;
use App\Models\BridgeBox;
use App\Models\SiteJob;
use App\Models\User;

/** Notes the boxes and services between devices and ecosystems: there already, weighed, bought. */
final readonly class Boxes
{
    private const LABELS = [
        'name' => 'Name', 'is_owned' => 'There already', 'firmware' => 'Firmware', 'matter_release' => 'Release', 'note' => 'Note',
    ];

    public function __construct(private OptimisticLock $lock, private Logbook $logbook) {}

    /**
     * @param  array<string, mixed>  $values
     *
     * @throws BoxRefused
     */
    public function add(SiteJob $job, array $values, User $person): BridgeBox
    {
        $job->holdForWriting();
        $this->refuseTwoOfAHub($job, $values['gateway_id'] ?? null, null);
        $box = BridgeBox::query()->create([
            'site_job_id' => $job->id, 'key' => FreeKey::of($job->bridgeBoxes(), (string) $values['name']), ...$values,
        ]);
        $this->logbook->write($job, $person, 'bridge', $box->is_owned ? "There: {$box->name}." : "To be weighed: {$box->name}.");

        return $box;
    }

    /**
     * @param  array<string, mixed>  $values
     *
     * @throws BoxRefused
     */
    public function change(SiteJob $job, BridgeBox $box, int $seenVersion, array $values, User $person): void
    {
        $job->holdForWriting();
        $this->refuseTwoOfAHub($job, $values['gateway_id'] ?? null, $box->id);
        $this->lock->update($box, $seenVersion, $values, $box->name, self::LABELS);
        $this->logbook->write($job, $person, 'bridge', "Changed: {$box->name}.");
    }

    /** What is there already stays as it is. */
    public function bring(SiteJob $job, BridgeBox $box, User $person): void
    {
        if (! $box->is_owned) {
            $box->update(['is_owned' => true, 'lock_version' => $box->lock_version + 1]);
            $this->logbook->write($job, $person, 'bridge', "It is there now: {$box->name}.");
        }
    }

    /**
     * What is linked over it is an old path then, and is taken out as one.
     *
     * @param  int  $seen  devices of which the person was told that they go over it
     *
     * @throws PlaceRefused where others do by now
     */
    public function remove(SiteJob $job, BridgeBox $box, int $seen, User $person): void
    {
        $job->holdForWriting();
        $devices = LinksOf::devices($box);
        if ($devices > $seen) {
            throw PlaceRefused::isLinked($box->name, $devices);
        }
        $box->delete();
        $this->logbook->write($job, $person, 'bridge', "No longer a box of this job: {$box->name}.");
    }

    private function refuseTwoOfAHub(SiteJob $job, ?int $gateway, ?int $except): void
    {
        $other = $gateway === null ? null : $job->bridgeBoxes()->where('gateway_id', $gateway)->where('id', '!=', $except ?? 0)->first();
        if ($other !== null) {
            throw BoxRefused::isDescribed($other);
        }
    }
}
