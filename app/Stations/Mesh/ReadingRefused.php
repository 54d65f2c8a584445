<?php

declare(strict_types=1);

namespace App\Stations\Mesh;

use App\Editing\Refused;

/** The mesh can't be read as things stand. */
final class ReadingRefused extends Refused
{
    public static function noHubIsLinked(): self
    {
        return new self('reading', 'No hub with a link reads a mesh in this job. Link one on the list of jobs.');
    }
}
