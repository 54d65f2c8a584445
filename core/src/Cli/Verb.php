<?php

declare(strict_types=1);

namespace Kavvel\Core\Cli;

use Kavvel\Core\Input\Input;

/** One verb of the command line: reads its input, asks the core, and lays the answer out. */
interface Verb
{
    /** @return array<string, mixed> */
    public function answer(Input $input): array;
}
