<?php

declare(strict_types=1);

namespace App\JobFiles;

use App\Pictures\Pictures;
use Illuminate\Support\Facades\Storage;

/**
 * Photographs that travel in a job file: the more there are, the smaller each. What finds no room in a file that can be taken in
 * again stays where it is.
 */
final readonly class TravellingPictures
{
    /** The longest edge in pixels, by how many photographs there are at most */
    private const EDGES = [10 => 1600, 40 => 1000, 150 => 640];

    private const SMALLEST_EDGE = 400;

    public function __construct(private int $mostLetters) {}

    /**
     * What the file says of a photograph: itself, or that it was left behind.
     *
     * @param  string|null  $path  of the photograph, where there is one
     * @param  string|null  $picture  in base 64, where it travels
     * @return array{picture?: string, pictureLeftOut?: true}
     */
    public static function row(?string $path, ?string $picture): array
    {
        return match (true) {
            $path === null => [],
            $picture !== null => ['picture' => $picture],
            default => ['pictureLeftOut' => true],
        };
    }

    /**
     * @param  array<int, string>  $paths  by id of what they are of, the most wanted first
     * @return array<int, string> in base 64, by id
     */
    public function of(array $paths): array
    {
        $edge = self::SMALLEST_EDGE;
        foreach (array_reverse(self::EDGES, true) as $most => $longest) {
            $edge = count($paths) <= $most ? $longest : $edge;
        }
        $pictures = [];
        $letters = 0;
        foreach ($paths as $id => $path) {
            $jpeg = Storage::disk('local')->get($path);
            if ($jpeg === null) {
                continue;
            }
            $text = base64_encode((new Pictures)->smaller($jpeg, $edge));
            $letters += strlen($text);
            if ($letters > $this->mostLetters) {
                break;
            }
            $pictures[$id] = $text;
        }

        return $pictures;
    }
}
