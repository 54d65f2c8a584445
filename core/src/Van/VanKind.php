<?php

declare(strict_types=1);

namespace Kavvel\Core\Van;

/** What a row of a van list is, in the order of the list. */
enum VanKind: string
{
    case Device = 'device';
    case Box = 'box';
    case Small = 'small';
    case Battery = 'battery';
    case Tool = 'tool';
    case Label = 'label';

    public function words(): string
    {
        return match ($this) {
            self::Device => 'Devices',
            self::Box => 'Boxes and spacers',
            self::Small => 'Small parts',
            self::Battery => 'Batteries',
            self::Tool => 'Tools',
            self::Label => 'Labels',
        };
    }
}
