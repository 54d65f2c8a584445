<?php

declare(strict_types=1);

namespace App\Naming;

use App\Logbook\Logbook;
use App\Models\NameBatch;
use App\Models\NameChange;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Kavvel\Core\Naming\DeviceLabel;
use Kavvel\Core\Naming\Rename;

/** Changes many names at once, and takes them back. */
final readonly class Renaming
{
    public function __construct(private Labels $labels, private Logbook $logbook) {}

    /**
     * @param  string  $seen  mark of what the person saw
     *
     * @throws RenameRefused
     */
    public function apply(SiteJob $job, ?RenameAsk $ask, string $seen, User $person): NameBatch
    {
        if ($ask === null) {
            throw RenameRefused::nothingAsked();
        }
        SiteJob::query()->whereKey($job->id)->lockForUpdate()->first();
        $plan = JobNames::read($job)->rename($ask);
        if ($plan->mark() !== $seen) {
            throw RenameRefused::changedMeanwhile();
        }
        $good = $plan->good();
        if ($good === []) {
            throw RenameRefused::nothingToDo();
        }
        $batch = NameBatch::query()->create([
            'site_job_id' => $job->id, 'words' => mb_strimwidth($ask->words(), 0, 250, '…'), 'by' => $person->name, 'at' => now(),
        ]);
        $slots = $this->slots($job, array_map(static fn (Rename $one): string => $one->id, $good));
        foreach ($good as $rename) {
            $slot = $slots[$rename->id] ?? throw RenameRefused::changedMeanwhile();
            $batch->changes()->create([
                'site_job_id' => $job->id, 'slot_id' => $slot->id, 'from' => $rename->from, 'to' => $rename->to,
            ]);
            $this->write($slot, $rename->to, $rename->label);
        }
        $this->logbook->write($job, $person, 'name', 'Changed '.self::many(count($good)).": {$batch->words}.");

        return $batch;
    }

    /**
     * Names that somebody has changed since keep what they have.
     *
     * @return int how many were left as they are
     *
     * @throws RenameRefused
     */
    public function undo(SiteJob $job, NameBatch $batch, User $person): int
    {
        SiteJob::query()->whereKey($job->id)->lockForUpdate()->first();
        $batch->refresh();
        if ($batch->undone_at !== null) {
            throw RenameRefused::isTakenBack($batch);
        }
        $later = NameBatch::query()->where('site_job_id', $job->id)->where('id', '>', $batch->id)->whereNull('undone_at')
            ->latest('id')->first();
        if ($later !== null) {
            throw RenameRefused::otherIsNext($later);
        }
        $changes = $batch->changes()->with('slot.node')->get();
        $open = $changes->filter(static fn (NameChange $one): bool => $one->slot !== null && $one->slot->name === $one->to);
        foreach ($open as $change) {
            $change->slot?->update(['name' => $change->from, 'lock_version' => $change->slot->lock_version + 1]);
        }
        $this->writeBack($job, $open);
        $batch->update(['undone_at' => now()]);
        $this->logbook->write($job, $person, 'name', 'Took back '.self::many($open->count()).": {$batch->words}.");

        return $changes->count() - $open->count();
    }

    /** @param Collection<int, NameChange> $changes */
    private function writeBack(SiteJob $job, Collection $changes): void
    {
        $names = JobNames::read($job);
        foreach ($changes as $change) {
            if ($change->slot === null) {
                continue;
            }
            if ($change->from === null) {
                $change->slot->update(['named_at' => null, 'name_command' => null, 'name_refused' => null]);
            } else {
                $this->write($change->slot, $change->from, $names->label($change->slot->key));
            }
        }
    }

    private function write(Slot $slot, string $name, DeviceLabel $label): void
    {
        $slot->update(['name' => $name, 'named_at' => null, 'lock_version' => $slot->lock_version + 1]);
        $node = $slot->node;
        $node === null ? $slot->update(['named_at' => now()]) : $this->labels->write($slot, $node, $label);
    }

    /**
     * @param  list<string>  $keys
     * @return Collection<string, Slot>
     */
    private function slots(SiteJob $job, array $keys): Collection
    {
        return $job->slots()->whereIn('key', $keys)->with('node')->lockForUpdate()->get()->keyBy('key');
    }

    private static function many(int $count): string
    {
        return $count === 1 ? 'one name' : "{$count} names";
    }
}
