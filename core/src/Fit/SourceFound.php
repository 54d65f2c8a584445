<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

/** What became of a source that was looked for. */
enum SourceFound: string
{
    case None = 'none';

    /** It is there, and is off and locked as well */
    case Isolated = 'isolated';
}
