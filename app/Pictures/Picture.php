<?php

declare(strict_types=1);

namespace App\Pictures;

use Illuminate\Support\Facades\Storage;

/** A picture written anew: its JPEG, and its size in pixels. */
final readonly class Picture
{
    /** Folders that pictures of jobs are kept in */
    public const UNDERLAYS = 'underlays';

    public const POINTS = 'points';

    public const BOXES = 'boxes';

    public function __construct(public string $jpeg, public int $width, public int $height) {}

    /** All pictures of a job, for good. */
    public static function forget(int $job): void
    {
        foreach ([self::UNDERLAYS, self::POINTS, self::BOXES] as $what) {
            Storage::disk('local')->deleteDirectory("{$what}/{$job}");
        }
    }

    /**
     * Kept among the pictures of a job.
     *
     * @param  string  $what  what they are of: the folder that goes with the job
     * @return string where its file lies
     */
    public function keep(string $what, int $job): string
    {
        $path = "{$what}/{$job}/".str()->ulid().'.jpg';
        Storage::disk('local')->put($path, $this->jpeg);

        return $path;
    }
}
