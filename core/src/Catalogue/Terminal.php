<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

use Kavvel\Core\Input\Input;

/** A terminal of a device in a box. */
final readonly class Terminal
{
    /**
     * @param  string  $mark  as it is printed on it
     * @param  bool  $isNeeded  it works only with a conductor there
     */
    public function __construct(public string $mark, public WireRole $takes, public bool $isNeeded) {}

    public static function fromInput(Input $input): self
    {
        return new self(
            $input->get('mark')->id(),
            WireRole::from($input->get('takes')->word(array_column(WireRole::cases(), 'value'))),
            $input->find('needed')?->flag() ?? true,
        );
    }
}
