<?php

declare(strict_types=1);

namespace App\Stations\Survey\Questions;

use App\Editing\Refused;

/** A question can't be written down as it was asked for. */
final class QuestionRefused extends Refused
{
    public static function isAskedAlready(): self
    {
        return new self('text', 'Somebody asked this in the meantime: it stands among the questions.');
    }
}
