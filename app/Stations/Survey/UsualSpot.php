<?php

declare(strict_types=1);

namespace App\Stations\Survey;

use App\Floorplan\PlanStore;
use App\Models\SiteJob;
use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Siting\RoomSpots;

/** Where one more device of a kind would usually go in a room, and what to look at there. */
final readonly class UsualSpot
{
    public function __construct(private PlanStore $plans) {}

    /** @return array{x: float, y: float, height: float, advice: string}|null null: there is no such room */
    public function of(SiteJob $job, string $room, Profile $profile): ?array
    {
        $plan = $this->plans->read($job);
        if (! isset($plan->rooms[$room])) {
            return null;
        }
        $spot = RoomSpots::of($plan, $room)->usual($profile->spot);

        return [
            'x' => round($spot->place->x, 2),
            'y' => round($spot->place->y, 2),
            'height' => round($spot->place->z - $plan->storey($plan->room($room)->storey)->elevation, 2),
            'advice' => $spot->kind->advice(),
        ];
    }
}
