<?php

declare(strict_types=1);

namespace Kavvel\Core\Cli;

use Kavvel\Core\Input\InvalidInput;

/** The command line has no such verb. */
final class UnknownVerb extends InvalidInput
{
    /** @param list<string> $verbs */
    public static function called(string $verb, array $verbs): self
    {
        $said = $verb === '' ? 'No verb was given' : 'There is no verb “'.self::quoted($verb).'”';

        return new self('unknown-verb', $said.'. Verbs: '.implode(', ', $verbs).'.', 'verb');
    }
}
