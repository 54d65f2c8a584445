<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

/** How far a device for a box in the wall is, from looking at the box to trying it by hand. */
enum FitStanding: string
{
    /** Nobody has said which circuit feeds it */
    case NeedsCircuit = 'needs-circuit';

    /** Nobody has looked into the box */
    case NeedsBox = 'needs-box';
    case DoesNotFit = 'does-not-fit';

    /** It fits when something is changed */
    case NeedsChange = 'needs-change';

    /** It fits, and its box is shut */
    case Ready = 'ready';

    /** Somebody has its box open */
    case UnderWork = 'under-work';

    /** In and shut, and its circuit is still off */
    case WaitsForPower = 'waits-for-power';

    /** In, its circuit is live, and nobody has tried it by hand */
    case ToTry = 'to-try';
    case Done = 'done';

    public function words(): string
    {
        return match ($this) {
            self::NeedsCircuit => 'which circuit?',
            self::NeedsBox => 'look into the box',
            self::DoesNotFit => 'does not fit',
            self::NeedsChange => 'needs a change',
            self::Ready => 'ready to fit',
            self::UnderWork => 'box open',
            self::WaitsForPower => 'in, circuit off',
            self::ToTry => 'try by hand',
            self::Done => 'fitted',
        };
    }

    /** Something has to be found out or changed before its circuit is switched off. */
    public function isUnsettled(): bool
    {
        return in_array($this, [self::NeedsCircuit, self::NeedsBox, self::DoesNotFit, self::NeedsChange], true);
    }

    public function isFitted(): bool
    {
        return in_array($this, [self::WaitsForPower, self::ToTry, self::Done], true);
    }
}
