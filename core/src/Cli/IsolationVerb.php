<?php

declare(strict_types=1);

namespace Kavvel\Core\Cli;

use Kavvel\Core\Fit\Isolation;
use Kavvel\Core\Fit\IsolationGap;
use Kavvel\Core\Input\Input;

final readonly class IsolationVerb implements Verb
{
    public function answer(Input $input): array
    {
        $isolation = Isolation::fromInput($input);

        return [
            'state' => $isolation->state()->value,
            'missing' => $isolation->missing(),
            'findings' => array_map(static fn (IsolationGap $gap): string => $gap->value, $isolation->gaps()),
        ];
    }
}
