<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\JobFiles\TravellingPictures;
use App\Models\SiteJob;
use App\Models\SlotFit;
use App\Pictures\Picture;

/** What was found where devices go into the wall, with the photographs of the boxes. */
final readonly class Fits extends Section
{
    /** Letters of all its photographs: a file bears 20 MB in all */
    private const MOST_LETTERS = 3_000_000;

    public function key(): string
    {
        return 'fits';
    }

    public function write(SiteJob $job): array
    {
        $fits = $job->slotFits()->whereHas('slot')->with(['slot', 'circuit'])->orderBy('id')->get();
        $paths = $fits->whereNotNull('picture')->sortByDesc('picture_at')->pluck('picture', 'id')->all();
        $pictures = (new TravellingPictures(self::MOST_LETTERS))->of($paths);

        return $fits->map(static fn (SlotFit $one): array => [
            'slot' => $one->slot->key, 'circuit' => $one->circuit?->key, 'box' => $one->box, 'loads' => $one->loads,
            'wires' => $one->wires, 'twoWay' => $one->two_way, 'hung' => $one->hung, 'fittedAt' => self::time($one->fitted_at),
            'fittedBy' => $one->fitted_by, 'minutes' => $one->minutes, 'pictureAt' => self::time($one->picture_at),
            ...TravellingPictures::row($one->picture, $pictures[$one->id] ?? null),
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        foreach ($rows as $number => $row) {
            SlotFit::query()->create([
                'site_job_id' => $reading->job->id, 'slot_id' => $reading->id('slots', $row['slot']),
                'circuit_id' => $reading->id('circuits', $row['circuit'] ?? null), 'box' => $row['box'] ?? null,
                'loads' => $row['loads'] ?? null, 'wires' => $row['wires'] ?? null, 'two_way' => $row['twoWay'] ?? null,
                'hung' => isset($row['hung']) ? $reading->shifted($row['hung']) : null,
                'fitted_at' => $reading->time($row['fittedAt'] ?? null), 'fitted_by' => $row['fittedBy'] ?? null,
                'minutes' => $row['minutes'] ?? null, 'picture_at' => $reading->time($row['pictureAt'] ?? null),
                'picture' => isset($row['picture'])
                    ? $reading->picture($row['picture'], "$.fits[{$number}].picture")->keep(Picture::BOXES, $reading->job->id)
                    : null,
            ]);
        }
    }
}
