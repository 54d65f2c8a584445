<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Bridging\FreeKey;
use App\Editing\OptimisticLock;
use App\Logbook\Logbook;
use App\Models\Ecosystem;
use App\Models\SiteJob;
use App\Models\User;
use App\Temporary\TemporaryStates;

/** Notes from where the client uses devices, or wants to. */
final readonly class Ecosystems
{
    private const LABELS = ['name' => 'Name', 'matter_release' => 'Release', 'account_of' => 'Whose account', 'note' => 'Note'];

    public function __construct(private OptimisticLock $lock, private Logbook $logbook, private TemporaryStates $states) {}

    /** @param array<string, mixed> $values */
    public function add(SiteJob $job, array $values, User $person): Ecosystem
    {
        $job->holdForWriting();
        $one = Ecosystem::query()->create([
            'site_job_id' => $job->id, 'key' => FreeKey::of($job->ecosystems(), (string) $values['name']), ...$values,
        ]);
        $this->logbook->write($job, $person, 'bridge', "Ecosystem noted: {$one->name}.");

        return $one;
    }

    /** @param array<string, mixed> $values */
    public function change(SiteJob $job, Ecosystem $one, int $seenVersion, array $values, User $person): void
    {
        $this->lock->update($one, $seenVersion, $values, $one->name, self::LABELS);
        $this->logbook->write($job, $person, 'bridge', "Ecosystem changed: {$one->name}.");
    }

    /**
     * What led into it goes with it: what is open is closed, what was carried over is stale.
     *
     * @param  int  $seen  devices of which the person was told that they show there
     *
     * @throws PlaceRefused where others do by now
     */
    public function remove(SiteJob $job, Ecosystem $one, int $seen, User $person): void
    {
        $job->holdForWriting();
        $devices = LinksOf::devices($one);
        if ($devices > $seen) {
            throw PlaceRefused::isLinked($one->name, $devices);
        }
        foreach (LinksOf::place($one) as $link) {
            foreach ($this->states->openOfLink($link) as $state) {
                $this->states->close($job, $state, $person);
            }
            $link->credentials()->update(['stale_at' => now(), 'stale_because' => 'the link that it was for is taken out']);
            $link->delete();
        }
        $one->delete();
        $this->logbook->write($job, $person, 'bridge', "Not an ecosystem of this client after all: {$one->name}.");
    }
}
