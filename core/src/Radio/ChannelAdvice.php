<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

/**
 * Whether to take the quietest channel: at the start yes; once devices are in only where it is much quieter, since it is work.
 * A channel next to one of ours is left whatever it takes, where there is another.
 */
enum ChannelAdvice: string
{
    /** Nothing is chosen yet */
    case Take = 'take';

    /** It is the quietest, or nearly so */
    case Keep = 'keep';

    /** The quietest is much quieter, and the work is worth it */
    case Change = 'change';

    /** Quieter by less than this is not worth the work, in dB (assumption): with nothing in yet, and with devices in */
    private const WORTH_DB = 3.0;

    private const WORTH_WITH_DEVICES_DB = 10.0;

    /**
     * @param  RankedChannel|null  $now  that which is chosen; null: none is
     * @param  RankedChannel  $best  the first of the ranking
     * @param  int  $devicesIn  that would have to follow
     */
    public static function of(?RankedChannel $now, RankedChannel $best, int $devicesIn): self
    {
        $worth = $devicesIn > 0 ? self::WORTH_WITH_DEVICES_DB : self::WORTH_DB;

        return match (true) {
            $now === null => self::Take,
            $now->channel === $best->channel => self::Keep,
            $now->tooNear !== null && $best->tooNear === null => self::Change,
            $now->interferenceDbm - $best->interferenceDbm >= $worth => self::Change,
            default => self::Keep,
        };
    }
}
