<?php

declare(strict_types=1);

namespace Kavvel\Core\Naming;

/** One name that becomes another, with all that changes with it. */
final readonly class Rename
{
    /**
     * @param  string|null  $from  null: it had none
     * @param  string|null  $slugFrom  the id that programs knew it by
     * @param  list<string>  $refusals  why it can't be
     * @param  list<string>  $warnings  what could be mixed up with it
     */
    public function __construct(
        public string $id,
        public ?string $from,
        public string $to,
        public ?string $slugFrom,
        public string $slugTo,
        public DeviceLabel $label,
        public array $refusals,
        public array $warnings,
    ) {}

    public function isGood(): bool
    {
        return $this->refusals === [];
    }

    public function changesId(): bool
    {
        return $this->slugFrom !== null && $this->slugFrom !== $this->slugTo;
    }
}
