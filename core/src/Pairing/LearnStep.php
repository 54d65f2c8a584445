<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** What comes next for a key of a remote. */
enum LearnStep: string
{
    case TryPreset = 'try-preset';
    case Learn = 'learn';
    case Try = 'try';
    case Done = 'done';

    public function sentence(string $key): string
    {
        return match ($this) {
            self::TryPreset => "Send “{$key}” from the preset",
            self::Learn => "Learn “{$key}” from its remote",
            self::Try => "Send “{$key}” as it was learnt",
            self::Done => "“{$key}” works",
        };
    }
}
