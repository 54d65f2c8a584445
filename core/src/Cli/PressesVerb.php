<?php

declare(strict_types=1);

namespace Kavvel\Core\Cli;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Proving\ReliabilityTrial;

final readonly class PressesVerb implements Verb
{
    public function answer(Input $input): array
    {
        if ($input->find('hits') === null && $input->find('trials') === null) {
            return ['trials' => ReliabilityTrial::trialsFor(
                $input->get('reliability')->shareInside(),
                $input->get('confidence')->shareInside(),
            )];
        }
        $trials = $input->get('trials')->wholeFrom(1);
        $hits = $input->get('hits')->wholeFrom(0);
        if ($hits > $trials) {
            throw InvalidInput::outOfRange($input->get('hits')->at, 'no more than the trials');
        }
        $judged = ReliabilityTrial::judge($hits, $trials, $input->get('target')->shareInside());

        return ['low' => round($judged->low, 4), 'high' => round($judged->high, 4), 'verdict' => $judged->verdict];
    }
}
