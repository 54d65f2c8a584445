<?php

declare(strict_types=1);

namespace Kavvel\Standin\Hands;

use Kavvel\Standin\House\Device;
use Kavvel\Standin\House\House;

/** The sticker on a device: its address and an install code with its checksum, also as a QR code. */
final readonly class Sticker
{
    private function __construct(public string $address, public string $code) {}

    public static function of(House $house, Device $device, bool $wrong): self
    {
        $code = substr(hash('sha256', "{$house->seed} code {$device->key}".($wrong ? ' of another unit' : '')), 0, 32);

        return new self($device->address, strtoupper($code.self::crc((string) hex2bin($code))));
    }

    public function svg(): string
    {
        require_once 'Bacon/BaconQrCode/autoload.php';
        $writer = new \BaconQrCode\Writer(new \BaconQrCode\Renderer\ImageRenderer(
            new \BaconQrCode\Renderer\RendererStyle\RendererStyle(132, 1),
            new \BaconQrCode\Renderer\Image\SvgImageBackEnd,
        ));
        $svg = $writer->writeString($this->code);

        return (string) preg_replace('/^<\?xml[^>]*>\s*/', '', $svg);
    }

    /** CRC-16/X-25, low byte first, as install codes carry it. */
    private static function crc(string $bytes): string
    {
        $crc = 0xFFFF;
        foreach (str_split($bytes) as $byte) {
            $crc ^= ord($byte);
            for ($bit = 0; $bit < 8; $bit++) {
                $crc = ($crc & 1) === 1 ? ($crc >> 1) ^ 0x8408 : $crc >> 1;
            }
        }
        $crc ^= 0xFFFF;

        return sprintf('%02x%02x', $crc & 0xFF, $crc >> 8);
    }
}
