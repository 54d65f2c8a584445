<?php

declare(strict_types=1);

namespace App\Stations\Mesh;

use App\Editing\Refused;
use Kavvel\Core\Protocol\Protocol;

/** A radio can't be read as things stand. */
final class ReadingRefused extends Refused
{
    public static function noHubReads(?Protocol $protocol): self
    {
        $what = $protocol === null ? 'a radio' : $protocol->title();

        return new self('reading', "No hub with a link reads {$what} in this job. Link one on the list of jobs.");
    }
}
