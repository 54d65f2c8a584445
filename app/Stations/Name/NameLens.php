<?php

declare(strict_types=1);

namespace App\Stations\Name;

/** What is done while devices are named. */
enum NameLens: string
{
    case Plan = 'plan';
    case Who = 'who';
    case Names = 'names';
    case Rooms = 'rooms';

    /** @return array<string, string> titles by word */
    public static function titles(): array
    {
        return [
            self::Plan->value => 'Plan', self::Who->value => 'Who is who', self::Names->value => 'All names', self::Rooms->value => 'Rooms',
        ];
    }
}
