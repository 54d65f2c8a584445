<?php

declare(strict_types=1);

namespace Kavvel\Core\Questions;

use DateTimeImmutable;
use Kavvel\Core\Closing\Closing;

/** Something that only another person can answer, and what happens where nobody does (RULES 9.2). */
final readonly class Question
{
    /**
     * @param  string  $owner  who answers it
     * @param  string  $trade  that it is a matter of; empty: nobody has said
     * @param  string  $costEffect  what the answer costs or saves; empty: nobody has said
     * @param  string  $otherwise  what happens unanswered
     * @param  DateTimeImmutable  $ownDay  its deadline where no closing sets one
     * @param  Closing|null  $closing  that the answer has to come before
     * @param  list<Source>  $sources  two that disagree, or none
     * @param  string|null  $about  what on the job it was asked of: a count, an opening
     */
    public function __construct(
        public string $key,
        public string $text,
        public string $owner,
        public string $trade,
        public string $costEffect,
        public string $otherwise,
        private DateTimeImmutable $ownDay,
        public ?Closing $closing = null,
        public array $sources = [],
        public ?string $about = null,
        public ?string $answer = null,
    ) {}

    /** One that is attached to a closing moves with it: two working days before (RULES 9.2). */
    public function dueOn(): DateTimeImmutable
    {
        return $this->closing?->questionsBy() ?? $this->ownDay;
    }

    public function isOpen(): bool
    {
        return $this->answer === null;
    }
}
