<?php

declare(strict_types=1);

namespace Kavvel\Core\Closing;

/** What is done to a point, in this order. The first four come before whatever closes over it (RULES 9.2). */
enum PointStep: string
{
    case Pulled = 'pulled';
    case Labelled = 'labelled';
    case Photographed = 'photographed';
    case Checked = 'checked';
    case Fitted = 'fitted';
    case Powered = 'powered';

    public function words(): string
    {
        return match ($this) {
            self::Pulled => 'Cable pulled',
            self::Labelled => 'Labelled at both ends',
            self::Photographed => 'Photographed',
            self::Checked => 'Checked',
            self::Fitted => 'Second fix done',
            self::Powered => 'Powered, and works',
        };
    }

    public function isBeforeClosing(): bool
    {
        return $this !== self::Fitted && $this !== self::Powered;
    }
}
