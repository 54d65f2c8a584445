<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

use DateTimeImmutable;
use DateTimeZone;
use Kavvel\Core\Input\Input;

/** Who did something, and when by the clock of the site. */
final readonly class Act
{
    public function __construct(public string $by, public DateTimeImmutable $at) {}

    /** @param DateTimeZone $site where the day begins */
    public static function fromInput(Input $input, DateTimeZone $site): self
    {
        return new self($input->get('by')->id(), $input->get('at')->moment()->setTimezone($site));
    }

    public function isOnDayOf(self $other): bool
    {
        return $this->at->format('Y-m-d') === $other->at->format('Y-m-d');
    }

    /** @return array{by: string, at: string} */
    public function row(): array
    {
        return ['by' => $this->by, 'at' => $this->at->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d\TH:i:s\Z')];
    }
}
