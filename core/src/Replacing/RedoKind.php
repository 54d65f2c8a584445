<?php

declare(strict_types=1);

namespace Kavvel\Core\Replacing;

/** What kind of work is done again: it says at which station. */
enum RedoKind: string
{
    case Fit = 'fit';
    case Teach = 'teach';
    case Code = 'code';
    case Pair = 'pair';
    case Set = 'set';
    case Name = 'name';
    case Prove = 'prove';
    case Read = 'read';
    case Link = 'link';
}
