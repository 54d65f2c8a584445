<?php

declare(strict_types=1);

namespace Kavvel\Core\Handover;

/** What comes next at the handover. */
enum HandoverMove: string
{
    /** A pack is being made */
    case Wait = 'wait';

    /** A snag has to be put right, or accepted by name */
    case Settle = 'settle';
    case MakePack = 'make-pack';

    /** The last pack says how things are: go through it with the client */
    case GoThrough = 'go-through';

    /**
     * @param  bool  $hasPack  a pack has been issued
     * @param  int  $changes  what has been done on the job since that pack
     */
    public static function of(bool $isMaking, int $openSnags, bool $hasPack, int $changes): self
    {
        return match (true) {
            $isMaking => self::Wait,
            $openSnags > 0 => self::Settle,
            $hasPack && $changes === 0 => self::GoThrough,
            default => self::MakePack,
        };
    }
}
