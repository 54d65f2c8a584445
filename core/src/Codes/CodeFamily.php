<?php

declare(strict_types=1);

namespace Kavvel\Core\Codes;

/** What a kind of device carries on its sticker, in its box or in its maker's account. */
enum CodeFamily: string
{
    case Matter = 'matter';
    case ZWave = 'zwave';
    case Zigbee = 'zigbee';

    /** A key of its maker's own: no standard says what it looks like */
    case OwnKey = 'own-key';

    public static function of(CodeKind $kind): ?self
    {
        return match ($kind) {
            CodeKind::MatterQr, CodeKind::MatterManual => self::Matter,
            CodeKind::ZWaveQr, CodeKind::ZWaveDsk => self::ZWave,
            CodeKind::ZigbeeInstallCode => self::Zigbee,
            CodeKind::ThreadDataset, CodeKind::Eui64 => null,
        };
    }

    /** "its Matter code", in the middle of a sentence. */
    public function words(): string
    {
        return match ($this) {
            self::Matter => 'Matter code',
            self::ZWave => 'Z-Wave code',
            self::Zigbee => 'Zigbee install code',
            self::OwnKey => 'key',
        };
    }

    /** What it looks like, for somebody who looks for it. */
    public function looks(): string
    {
        return match ($this) {
            self::Matter => 'a QR code that begins with MT:, or 11 digits',
            self::ZWave => 'a QR code, or 40 digits in groups of 5',
            self::Zigbee => '16 to 36 digits and letters A to F, often beside a QR code',
            self::OwnKey => 'letters and digits from its maker’s account, or the whole reply that holds them',
        };
    }

    /** @return list<string> */
    public static function values(): array
    {
        return array_column(self::cases(), 'value');
    }
}
