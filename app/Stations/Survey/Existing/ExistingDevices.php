<?php

declare(strict_types=1);

namespace App\Stations\Survey\Existing;

use App\Editing\OptimisticLock;
use App\Floorplan\PlanStore;
use App\JobSheet\Catalogue;
use App\Logbook\Logbook;
use App\Models\ExistingDevice;
use App\Models\Room;
use App\Models\SiteJob;
use App\Models\User;
use App\Stations\Survey\SlotEditor;
use Kavvel\Core\Existing\Fate;
use Kavvel\Core\Siting\RoomSpots;

/** Writes down what was there before, what becomes of it, and that it has left. */
final readonly class ExistingDevices
{
    private const LABELS = [
        'what' => 'Device', 'room' => 'Room', 'holder_name' => 'In what', 'note' => 'Note',
    ];

    public function __construct(
        private OptimisticLock $lock,
        private Logbook $logbook,
        private SlotEditor $editor,
        private PlanStore $plans,
    ) {}

    /** @param array<string, mixed> $values */
    public function add(SiteJob $job, array $values, User $person): ExistingDevice
    {
        $device = ExistingDevice::query()->create(['site_job_id' => $job->id, 'key' => strtolower((string) str()->ulid()), ...$values]);
        $this->logbook->write($job, $person, 'plan', "There already: {$device->what}. {$device->fate->words()}.");

        return $device;
    }

    /** @param array<string, mixed> $values */
    public function change(SiteJob $job, ExistingDevice $device, int $seenVersion, array $values, User $person): void
    {
        $this->lock->update($device, $seenVersion, $values, "the {$device->what}", self::LABELS);
        $this->logbook->write($job, $person, 'plan', "There already, changed: {$device->what}. {$device->fate->words()}.");
    }

    public function remove(SiteJob $job, ExistingDevice $device, User $person): void
    {
        $device->delete();
        $this->logbook->write($job, $person, 'plan', "Not there after all: {$device->what}.");
    }

    public function left(SiteJob $job, ExistingDevice $device, User $person): void
    {
        if ($device->left_at === null) {
            $device->update(['left_at' => now()]);
            $this->logbook->write($job, $person, 'plan', "The {$device->what} has left what it was in.", $device->slot);
        }
    }

    public function hasNotLeft(SiteJob $job, ExistingDevice $device, User $person): void
    {
        if ($device->left_at !== null) {
            $device->update(['left_at' => null]);
            $this->logbook->write($job, $person, 'plan', "The {$device->what} is still in what it was in.", $device->slot);
        }
    }

    /**
     * Gives it a slot where one of its kind usually goes.
     *
     * @throws ExistingRefused
     */
    public function plan(SiteJob $job, ExistingDevice $device, Room $room, User $person): void
    {
        $profile = Catalogue::of($job->region)[$device->profile_id] ?? throw ExistingRefused::isNotInCatalogue();
        if ($device->slot !== null) {
            throw ExistingRefused::isPlanned();
        }
        if ($device->fate !== Fate::Move) {
            throw ExistingRefused::stays();
        }
        $spot = RoomSpots::of($this->plans->read($job), $room->key)->usual($profile->spot);
        $slot = $this->editor->add($job, [
            'room_id' => $room->id, 'point_id' => $spot->point === null ? null : $job->points()->where('key', $spot->point)->value('id'),
            'profile_id' => $device->profile_id, 'place' => $spot->called, 'what' => $device->what,
            'x' => $spot->place->x, 'y' => $spot->place->y, 'z' => $spot->place->z, 'mounting' => $profile->usualMounting()->value,
            'feed' => null, 'note' => 'Was there before.',
        ], $person);
        $device->update(['slot_id' => $slot->id]);
    }
}
