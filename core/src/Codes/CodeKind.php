<?php

declare(strict_types=1);

namespace Kavvel\Core\Codes;

/** The codes that stand on stickers, in boxes and in the settings of a border router. */
enum CodeKind: string
{
    case MatterQr = 'matter-qr';
    case MatterManual = 'matter-manual';
    case ZWaveQr = 'zwave-qr';
    case ZWaveDsk = 'zwave-dsk';
    case ZigbeeInstallCode = 'zigbee-install-code';
    case ThreadDataset = 'thread-dataset';
    case Eui64 = 'eui64';

    public function title(): string
    {
        return match ($this) {
            self::MatterQr => 'Matter QR code',
            self::MatterManual => 'Matter manual code',
            self::ZWaveQr => 'Z-Wave QR code',
            self::ZWaveDsk => 'Z-Wave DSK',
            self::ZigbeeInstallCode => 'Zigbee install code',
            self::ThreadDataset => 'Thread dataset',
            self::Eui64 => 'EUI-64 address',
        };
    }

    /** @return list<string> */
    public static function words(): array
    {
        return array_column(self::cases(), 'value');
    }
}
