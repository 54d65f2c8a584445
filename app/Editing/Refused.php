<?php

declare(strict_types=1);

namespace App\Editing;

use Illuminate\Validation\ValidationException;
use RuntimeException;

/**
 * Something that can't be done as things stand: what it is about, and a sentence with a way out. It is shown beside the
 * work; nothing was changed.
 */
abstract class Refused extends RuntimeException
{
    final protected function __construct(public readonly string $field, string $message)
    {
        parent::__construct($message);
    }

    public function asValidation(): ValidationException
    {
        return ValidationException::withMessages([$this->field => $this->getMessage()]);
    }
}
