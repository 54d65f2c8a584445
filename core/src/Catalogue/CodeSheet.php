<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

use Kavvel\Core\Codes\CodeFamily;
use Kavvel\Core\Codes\ProductIds;
use Kavvel\Core\Input\Input;

/** Which code a device carries, whether it joins without it, and where the code stands. */
final readonly class CodeSheet
{
    /** @param ProductIds|null $ids by which a code says that it is one of these */
    private function __construct(
        public CodeFamily $family,
        public bool $isNeeded,
        public string $where,
        public ?ProductIds $ids,
    ) {}

    public static function fromInput(Input $input): self
    {
        $family = CodeFamily::from($input->get('family')->word(CodeFamily::values()));
        $ids = $input->find('ids');

        return new self(
            $family,
            $input->find('needed')?->flag() ?? true,
            $input->find('where')?->text() ?? '',
            $ids === null ? null : ProductIds::fromInput($family, $ids),
        );
    }
}
