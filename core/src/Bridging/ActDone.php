<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use DateTimeImmutable;
use DateTimeZone;
use Kavvel\Core\Input\Input;

/** When an act was done, by whom, and what belongs to it: who signed in, how many appeared. */
final readonly class ActDone
{
    public function __construct(public DateTimeImmutable $at, public string $by, public string $note = '') {}

    public static function fromInput(Input $input): self
    {
        return new self($input->get('at')->moment(), $input->get('by')->textUpTo(120), $input->find('note')?->textUpTo(255) ?? '');
    }

    /** @return array<string, string> */
    public function toArray(): array
    {
        return array_filter([
            'at' => $this->at->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d\TH:i:s\Z'), 'by' => $this->by, 'note' => $this->note,
        ], static fn (string $value): bool => $value !== '');
    }
}
