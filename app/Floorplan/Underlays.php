<?php

declare(strict_types=1);

namespace App\Floorplan;

use App\Logbook\Logbook;
use App\Models\SiteJob;
use App\Models\Storey;
use App\Models\Underlay;
use App\Models\User;
use App\Pictures\Picture;
use App\Pictures\Pictures;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Kavvel\Core\Floorplan\UnderlayScale;

/** Photographs and scans that lie under the plan while it is drawn. */
final readonly class Underlays
{
    /** How wide a picture is taken to be until a known length says so, in metres */
    private const WIDTH_M = 12.0;

    public function __construct(private Pictures $pictures, private Logbook $logbook) {}

    public function lay(SiteJob $job, Storey $storey, string $bytes, User $person): void
    {
        $picture = $this->pictures->read($bytes);
        $this->removeFile($storey);
        Underlay::query()->updateOrCreate(['storey_id' => $storey->id], [
            'site_job_id' => $job->id, 'path' => $picture->keep(Picture::UNDERLAYS, $job->id),
            'width' => $picture->width, 'height' => $picture->height,
            'x' => 0, 'y' => 0, 'metres_per_pixel' => self::WIDTH_M / $picture->width,
        ]);
        $this->logbook->write($job, $person, 'plan', "Laid a picture under {$storey->name}.");
    }

    public function moveTo(Underlay $underlay, float $x, float $y): void
    {
        $underlay->update(['x' => $x, 'y' => $y]);
    }

    /**
     * @param  list<array{float, float}>  $ends  of a known length, on the plan, in metres
     * @param  float  $length  that it has, in metres
     */
    public function scale(Underlay $underlay, array $ends, float $length): void
    {
        $factor = UnderlayScale::factor($ends, $length);
        // The first end stays where it lies.
        $underlay->update([
            'metres_per_pixel' => $underlay->metres_per_pixel * $factor,
            'x' => $ends[0][0] - ($ends[0][0] - $underlay->x) * $factor,
            'y' => $ends[0][1] - ($ends[0][1] - $underlay->y) * $factor,
        ]);
    }

    public function remove(SiteJob $job, Storey $storey, User $person): void
    {
        $this->removeFile($storey);
        Underlay::query()->where('storey_id', $storey->id)->delete();
        $this->logbook->write($job, $person, 'plan', "Took the picture under {$storey->name} away.");
    }

    private function removeFile(Storey $storey): void
    {
        $path = Underlay::query()->where('storey_id', $storey->id)->value('path');
        if (is_string($path)) {
            // Not before the change is written for good: what is undone still has its picture.
            DB::afterCommit(static fn (): bool => Storage::disk('local')->delete($path));
        }
    }
}
