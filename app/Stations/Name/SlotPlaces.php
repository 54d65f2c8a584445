<?php

declare(strict_types=1);

namespace App\Stations\Name;

use App\Floorplan\PlanEditor;
use App\Floorplan\PlanEditRefused;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\Edits\MoveThing;
use Kavvel\Core\Floorplan\Edits\PutInRoom;

/** A device goes to where it really is: dragged on the plan, or into a room by its name. It can be taken back like any edit. */
final readonly class SlotPlaces
{
    public function __construct(private PlanEditor $editor) {}

    /** @throws PlanEditRefused|PlaceRefused */
    public function move(SiteJob $job, Slot $slot, float $x, float $y, User $person): void
    {
        $this->edit($job, $slot, new MoveThing('slots', $slot->key, $x, $y), $person);
    }

    /** @throws PlanEditRefused|PlaceRefused */
    public function putInto(SiteJob $job, Slot $slot, string $room, User $person): void
    {
        $this->edit($job, $slot, new PutInRoom('slots', $slot->key, $room), $person);
    }

    /** @throws PlaceRefused where it is wired to a point of the building */
    private function edit(SiteJob $job, Slot $slot, Edit $edit, User $person): void
    {
        if ($slot->point_id !== null && $slot->profile()->firstOrFail()->core($job->region)->fitSheet !== null) {
            throw PlaceRefused::isWired($slot);
        }
        $this->editor->apply($job, static fn (): Edit => $edit, null, $person);
    }
}
