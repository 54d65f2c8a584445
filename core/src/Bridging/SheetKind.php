<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Kavvel\Core\Input\Input;

/** What a sheet of the catalogue is of. */
enum SheetKind: string
{
    case Ecosystem = 'ecosystem';
    case Box = 'box';

    public static function of(Input $sheet): self
    {
        return self::from($sheet->get('of')->word(array_column(self::cases(), 'value')));
    }

    /** Read as it will be used, so that a broken one names its path. */
    public function read(Input $sheet): EcosystemSheet|BoxSheet
    {
        return $this === self::Ecosystem ? EcosystemSheet::fromInput($sheet) : BoxSheet::fromInput($sheet);
    }
}
