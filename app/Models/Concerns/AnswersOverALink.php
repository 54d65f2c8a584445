<?php

declare(strict_types=1);

namespace App\Models\Concerns;

/** An ecosystem or a box that may have a link of its own. */
trait AnswersOverALink
{
    /** Nobody waits longer for an answer, in seconds */
    private const PATIENCE = 30;

    /** It was asked, and has not answered yet. */
    public function isAsked(): bool
    {
        return $this->asked_at !== null && $this->asked_at->diffInSeconds(now()) < self::PATIENCE;
    }
}
