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
    /** Something was opened for the work only */
    case Close = 'close';
    case MakePack = 'make-pack';

    /** The last pack says how things are: go through it with the client */
    case GoThrough = 'go-through';

    /**
     * @param  int  $openTemporary  what was opened for the work, and circuits that are worked on
     * @param  bool  $hasPack  a pack has been issued
     * @param  int  $changes  what has been done on the job since that pack
     */
    public static function of(bool $isMaking, int $openSnags, int $openTemporary, bool $hasPack, int $changes): self
    {
        return match (true) {
            $isMaking => self::Wait,
            $openSnags > 0 => self::Settle,
            $openTemporary > 0 => self::Close,
            $hasPack && $changes === 0 => self::GoThrough,
            default => self::MakePack,
        };
    }
}
