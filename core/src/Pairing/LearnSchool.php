<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** Two schools of teaching a sender the keys of a remote. */
enum LearnSchool: string
{
    case PresetFirst = 'preset-first';
    case LearnAll = 'learn-all';

    public function words(): string
    {
        return match ($this) {
            self::PresetFirst => 'a preset first, then what it lacks',
            self::LearnAll => 'every key learnt from the remote',
        };
    }

    public function why(): string
    {
        return match ($this) {
            self::PresetFirst => 'A preset is there at once, and mostly knows more than the remote has; it may miss a key or two.',
            self::LearnAll => 'What is learnt is surely what this remote sends; it takes a minute for each key.',
        };
    }
}
