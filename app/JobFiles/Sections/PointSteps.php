<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\PointStep;
use App\Models\SiteJob;
use App\Pictures\Picture;
use App\Pictures\Pictures;
use Illuminate\Support\Facades\Storage;

/**
 * What was done to points, with its photographs: the more there are, the smaller each travels. What finds no room in a file that can be
 * taken in again stays where it is, the oldest first, and the file says so.
 */
final readonly class PointSteps extends Section
{
    /** Letters of all photographs of a file: it bears 20 MB in all */
    public const MOST_LETTERS = 12_000_000;

    /** The longest edge in pixels, by how many photographs there are at most */
    private const EDGES = [10 => 1600, 40 => 1000, 150 => 640];

    private const SMALLEST_EDGE = 400;

    public function __construct(private int $mostLetters = self::MOST_LETTERS) {}

    public function key(): string
    {
        return 'pointSteps';
    }

    public function write(SiteJob $job): array
    {
        $steps = $job->pointSteps()->orderBy('id')->get();
        $pictures = $this->pictures($steps->whereNotNull('picture')->sortByDesc('id')->all());

        return $steps->map(static fn (PointStep $one): array => [
            'point' => $one->point, 'step' => $one->step->value, 'by' => $one->by, 'at' => self::time($one->at),
            ...match (true) {
                $one->picture === null => [],
                isset($pictures[$one->id]) => ['picture' => $pictures[$one->id]],
                default => ['pictureLeftOut' => true],
            },
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

    /**
     * @param  array<int, PointStep>  $steps  the newest first
     * @return array<int, string> in base 64, by id of the step
     */
    private function pictures(array $steps): array
    {
        $edge = self::SMALLEST_EDGE;
        foreach (array_reverse(self::EDGES, true) as $most => $longest) {
            $edge = count($steps) <= $most ? $longest : $edge;
        }
        $pictures = [];
        $letters = 0;
        foreach ($steps as $step) {
            $jpeg = Storage::disk('local')->get((string) $step->picture);
            if ($jpeg === null) {
                continue;
            }
            $text = base64_encode((new Pictures)->smaller($jpeg, $edge));
            $letters += strlen($text);
            if ($letters > $this->mostLetters) {
                break;
            }
            $pictures[$step->id] = $text;
        }

        return $pictures;
    }
}
