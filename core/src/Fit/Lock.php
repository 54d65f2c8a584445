<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

use DateTimeZone;
use Kavvel\Core\Input\Input;

/** The lock of one person on a breaker, with their tag. */
final readonly class Lock
{
    public function __construct(public Act $put, public bool $isTagged) {}

    public static function fromInput(Input $input, DateTimeZone $site): self
    {
        return new self(Act::fromInput($input, $site), $input->get('isTagged')->flag());
    }

    /** @return array{by: string, at: string, isTagged: bool} */
    public function row(): array
    {
        return [...$this->put->row(), 'isTagged' => $this->isTagged];
    }
}
