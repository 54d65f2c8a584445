<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\UploadedFile;
use SplFileObject;

/** The lines of a CSV file (RFC 4180), with commas or, as some countries write them, semicolons. */
final readonly class CsvLines
{
    /** @return list<list<string>> */
    public static function of(?UploadedFile $upload): array
    {
        $path = (string) $upload?->getRealPath();
        $first = (string) strtok((string) file_get_contents($path), "\n");
        $file = new SplFileObject($path);
        $file->setFlags(SplFileObject::READ_CSV);
        $file->setCsvControl(substr_count($first, ';') > substr_count($first, ',') ? ';' : ',', '"', '');
        $lines = [];
        foreach ($file as $line) {
            $lines[] = array_map(static fn (mixed $cell): string => mb_scrub((string) $cell), array_values((array) $line));
        }

        return $lines;
    }
}
