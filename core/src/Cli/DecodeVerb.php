<?php

declare(strict_types=1);

namespace Kavvel\Core\Cli;

use Kavvel\Core\Codes\Code;
use Kavvel\Core\Codes\CodeKind;
use Kavvel\Core\Codes\Codes;
use Kavvel\Core\Input\Input;

final readonly class DecodeVerb implements Verb
{
    public function answer(Input $input): array
    {
        $kind = $input->find('kind')?->word(CodeKind::words());
        $codes = Codes::read($input->get('code')->text(), $kind === null ? null : CodeKind::from($kind));
        $warnings = array_values(array_unique(array_merge(...array_map(static fn (Code $code): array => $code->warnings(), $codes))));

        return [
            'kind' => $codes[0]->kind()->value,
            ...(count($codes) === 1
                ? ['fields' => $codes[0]->fields()]
                : ['payloads' => array_map(static fn (Code $code): array => $code->fields(), $codes)]),
            'warnings' => $warnings,
        ];
    }
}
