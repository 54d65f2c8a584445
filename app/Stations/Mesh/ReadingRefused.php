<?php

declare(strict_types=1);

namespace App\Stations\Mesh;

use App\Editing\Refused;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Protocol\Protocol;

/** A radio can't be read as things stand. */
final class ReadingRefused extends Refused
{
    public static function isBroken(InvalidInput $broken): self
    {
        $where = str_contains($broken->getMessage(), $broken->at) ? '' : "At {$broken->at}: ";

        return new self('graph', "Nothing was taken in. {$where}{$broken->getMessage()}");
    }

    public static function noHubSpeaks(Protocol $protocol): self
    {
        return new self('graph', "No hub of this job speaks {$protocol->title()}: say so with its hub first.");
    }

    public static function noHubReads(?Protocol $protocol): self
    {
        $what = $protocol === null ? 'a radio' : $protocol->title();

        return new self('reading', "No hub with a link reads {$what} in this job. Link one on the list of jobs.");
    }
}
