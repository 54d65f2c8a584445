<?php

declare(strict_types=1);

namespace App\Stations\Survey;

use App\Editing\OptimisticLock;
use App\Floorplan\PlanEditor;
use App\JobSheet\Catalogue;
use App\Logbook\Logbook;
use App\Models\Isolation;
use App\Models\Point;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use App\Radio\Forecasts;
use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Naming\Text;
use Kavvel\Core\Protocol\Protocol;

/** Adds, changes and removes slots; each change is a new version of the plan, with its forecasts. */
final readonly class SlotEditor
{
    private const LABELS = [
        'place' => 'Place', 'what' => 'What', 'room_id' => 'Room', 'profile_id' => 'Profile', 'x' => 'x', 'y' => 'y', 'z' => 'Height',
        'mounting' => 'Mounting', 'feed' => 'Feed', 'note' => 'Note', 'behind_id' => 'Comes in',
    ];

    public function __construct(
        private Forecasts $forecasts,
        private Logbook $logbook,
        private OptimisticLock $lock,
        private PlanEditor $plan,
    ) {}

    /** @param array<string, mixed> $values */
    public function add(SiteJob $job, array $values, User $person): Slot
    {
        $words = "added the device “{$this->freeKey($job, $values)}”";
        $slot = $this->plan->around($job, $words, fn (): Slot => $this->create($job, $values), $person);
        $this->logbook->write($job, $person, 'plan', "Added the {$slot->title()} to the plan.", $slot);
        $this->forecasts->planChanged($job);

        return $slot->refresh();
    }

    /**
     * Many in one step, which is taken back in one.
     *
     * @param  list<array<string, mixed>>  $all
     */
    public function addAll(SiteJob $job, array $all, User $person): void
    {
        $words = count($all) === 1 ? 'one device that is wanted' : count($all).' devices that are wanted';
        $slots = $this->plan->around(
            $job,
            "planned {$words}",
            fn (): array => array_map(fn (array $values): Slot => $this->create($job, $values), $all),
            $person,
        );
        $titles = array_map(static fn (Slot $slot): string => $slot->title(), $slots);
        $this->logbook->write($job, $person, 'plan', "Planned {$words}: ".implode(', ', $titles).'.');
        $this->forecasts->planChanged($job);
    }

    /** @param array<string, mixed> $values */
    public function change(SiteJob $job, Slot $slot, int $seenVersion, array $values, User $person): void
    {
        $this->plan->around($job, "changed the {$slot->title()}", fn () => $this->lock->update(
            $slot,
            $seenVersion,
            $values,
            "the {$slot->title()}",
            self::LABELS,
        ), $person);
        $this->logbook->write($job, $person, 'plan', "Changed the {$slot->title()}.", $slot);
        $this->forecasts->planChanged($job);
    }

    /** @throws SlotRefused when a device is in it */
    public function remove(SiteJob $job, Slot $slot, User $person): void
    {
        if ($slot->node_id !== null) {
            throw SlotRefused::hasDevice($slot);
        }
        if (in_array($slot->key, Isolation::openBoxes($job), true)) {
            throw SlotRefused::boxIsOpen($slot);
        }
        $this->plan->around($job, "removed the {$slot->title()}", $slot->delete(...), $person);
        $this->logbook->write($job, $person, 'plan', "Removed the {$slot->title()} from the plan.", $slot);
        $this->forecasts->planChanged($job);
    }

    /**
     * Undoes a removal.
     *
     * @throws SlotRefused when its room is no longer on the plan
     */
    public function restore(SiteJob $job, Slot $slot, User $person): void
    {
        if (! $slot->trashed()) {
            return;
        }
        if ($slot->room()->doesntExist()) {
            throw SlotRefused::roomIsGone($slot);
        }
        $this->plan->around($job, "put the {$slot->title()} back", $slot->restore(...), $person);
        $this->logbook->write($job, $person, 'plan', "Put the {$slot->title()} back on the plan.", $slot);
        $this->forecasts->planChanged($job);
    }

    public function addRelay(SiteJob $job, Point $point, Protocol $protocol, User $person): Slot
    {
        $relays = array_filter(
            Catalogue::of($job->region),
            static fn (Profile $profile): bool => $profile->protocol === $protocol && $profile->isMadeToRelay(),
        );

        return $this->add($job, [
            'room_id' => $point->room_id,
            'point_id' => $point->id,
            'profile_id' => array_key_first($relays) ?? throw SlotRefused::noRelayInCatalogue($protocol),
            'place' => 'socket',
            'what' => 'relay plug',
            'x' => $point->x,
            'y' => $point->y,
            'z' => $point->z,
            'mounting' => 'surface',
            'feed' => null,
            'note' => 'Relay for the mesh: do not unplug.',
        ], $person);
    }

    /** @param array<string, mixed> $values */
    private function create(SiteJob $job, array $values): Slot
    {
        return Slot::query()->create(['site_job_id' => $job->id, 'key' => $this->freeKey($job, $values), ...$values]);
    }

    /** @param array<string, mixed> $values */
    private function freeKey(SiteJob $job, array $values): string
    {
        $taken = Slot::withTrashed()->where('site_job_id', $job->id)->pluck('key')->all();
        $base = str_replace('_', '-', Text::slug("{$values['place']} {$values['what']}")) ?: 'slot';
        $key = $base;
        for ($n = 2; in_array($key, $taken, true); $n++) {
            $key = "{$base}-{$n}";
        }

        return $key;
    }
}
