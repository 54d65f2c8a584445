<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

/** Whether to take the quietest channel: at the start yes; once devices are in only where it is much quieter, since it is work. */
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
     * @param  float|null  $nowDbm  Wi-Fi in the channel that is chosen; null: none is
     * @param  float  $bestDbm  Wi-Fi in the quietest
     * @param  int  $devicesIn  that would have to follow
     */
    public static function of(?float $nowDbm, float $bestDbm, int $devicesIn): self
    {
        return match (true) {
            $nowDbm === null => self::Take,
            $nowDbm - $bestDbm >= ($devicesIn > 0 ? self::WORTH_WITH_DEVICES_DB : self::WORTH_DB) => self::Change,
            default => self::Keep,
        };
    }
}
