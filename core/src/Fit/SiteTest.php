<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

use DateTimeZone;
use Kavvel\Core\Input\Input;

/** A test that local rules ask for, as the person responsible recorded it. */
final readonly class SiteTest
{
    /** Before it is live, and after (RULES 9.5) */
    public const BEFORE = ['continuity', 'insulation', 'polarity'];

    public const AFTER = ['loop', 'residual-current device'];

    public function __construct(public string $what, public string $reading, public bool $isPassed, public Act $act) {}

    public static function fromInput(Input $input, DateTimeZone $site): self
    {
        return new self(
            $input->get('what')->word([...self::BEFORE, ...self::AFTER]),
            $input->get('reading')->text(),
            $input->get('isPassed')->flag(),
            Act::fromInput($input, $site),
        );
    }

    /** @return array<string, mixed> */
    public function row(): array
    {
        return ['what' => $this->what, 'reading' => $this->reading, 'isPassed' => $this->isPassed, ...$this->act->row()];
    }
}
