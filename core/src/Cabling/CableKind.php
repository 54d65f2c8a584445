<?php

declare(strict_types=1);

namespace Kavvel\Core\Cabling;

/** Kinds of cable that run from the rack, each with a colour of its own so that ends are told apart (assumption). */
enum CableKind: string
{
    case Data = 'data';
    case Coax = 'coax';
    case Speaker = 'speaker';
    case Bus = 'bus';
    case Alarm = 'alarm';
    case Feed = 'feed';

    public function words(): string
    {
        return match ($this) {
            self::Data => 'Data, four pairs',
            self::Coax => 'Coax',
            self::Speaker => 'Speaker, two cores',
            self::Bus => 'Bus, two pairs',
            self::Alarm => 'Alarm, eight cores',
            self::Feed => 'Mains feed',
        };
    }

    public function colour(): string
    {
        return match ($this) {
            self::Data => 'grey',
            self::Coax => 'black',
            self::Speaker => 'orange',
            self::Bus => 'green',
            self::Alarm => 'white',
            self::Feed => 'as the local code says',
        };
    }

    /** It carries a data link, which has a longest length. */
    public function isData(): bool
    {
        return $this === self::Data;
    }
}
