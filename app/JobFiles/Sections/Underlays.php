<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\SiteJob;
use App\Models\Underlay;
use App\Pictures\Picture;
use Illuminate\Support\Facades\Storage;

/** The pictures that the plan was drawn over, as JPEG in base 64; what comes in is decoded and written anew. */
final readonly class Underlays extends Section
{
    public function key(): string
    {
        return 'underlays';
    }

    public function write(SiteJob $job): array
    {
        return $job->underlays()->with('storey')->orderBy('id')->get()->map(static fn (Underlay $one): array => [
            'storey' => $one->storey->key, 'x' => $one->x, 'y' => $one->y, 'metresPerPixel' => $one->metres_per_pixel,
            'picture' => base64_encode((string) Storage::disk('local')->get($one->path)),
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        foreach ($rows as $number => $row) {
            $picture = $reading->picture($row['picture'], "$.underlays[{$number}].picture");
            Underlay::query()->create([
                'site_job_id' => $reading->job->id, 'storey_id' => $reading->id('storeys', $row['storey']),
                'path' => $picture->keep(Picture::UNDERLAYS, $reading->job->id),
                'width' => $picture->width, 'height' => $picture->height, 'x' => $row['x'], 'y' => $row['y'],
                'metres_per_pixel' => $row['metresPerPixel'],
            ]);
        }
    }
}
