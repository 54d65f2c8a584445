<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\JobFiles\TravellingPictures;
use App\Models\PointStep;
use App\Models\SiteJob;
use App\Pictures\Picture;

/** What was done to points, with its photographs, the newest first; where they are full the file says which were left behind. */
final readonly class PointSteps extends Section
{
    /** Letters of all its photographs: a file bears 20 MB in all */
    public const MOST_LETTERS = 9_000_000;

    public function __construct(private int $mostLetters = self::MOST_LETTERS) {}

    public function key(): string
    {
        return 'pointSteps';
    }

    public function write(SiteJob $job): array
    {
        $steps = $job->pointSteps()->orderBy('id')->get();
        $paths = $steps->whereNotNull('picture')->sortByDesc('id')->pluck('picture', 'id')->all();
        $pictures = (new TravellingPictures($this->mostLetters))->of($paths);

        return $steps->map(static fn (PointStep $one): array => [
            'point' => $one->point, 'step' => $one->step->value, 'by' => $one->by, 'at' => self::time($one->at),
            ...TravellingPictures::row($one->picture, $pictures[$one->id] ?? null),
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        self::insert($reading, PointStep::class, array_map(static fn (array $row, int $number): array => [
            'point' => $row['point'], 'step' => $row['step'], 'by' => $row['by'], 'at' => $reading->time($row['at']),
            'picture' => isset($row['picture'])
                ? $reading->picture($row['picture'], "$.pointSteps[{$number}].picture")->keep(Picture::POINTS, $reading->job->id)
                : null,
        ], $rows, array_keys($rows)));
    }
}
