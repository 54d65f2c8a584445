<?php

declare(strict_types=1);

namespace Kavvel\Standin\Hands;

use Kavvel\Standin\House\Device;
use Kavvel\Standin\House\House;

/** The sticker on a device: its address, and its code in print and as a QR code where it has one. */
final readonly class Sticker
{
    /** @param string|null $code as a camera reads it; null: the device carries none */
    private function __construct(public string $address, public ?string $code, public string $printed) {}

    public static function of(House $house, Device $device, bool $wrong): self
    {
        $code = ($wrong ? $house->otherCode($device) : $device->code)?->code;

        return new self($device->address, $code?->spelling(), $code?->shown() ?? '');
    }

    public function svg(): string
    {
        require_once 'Bacon/BaconQrCode/autoload.php';
        $writer = new \BaconQrCode\Writer(new \BaconQrCode\Renderer\ImageRenderer(
            new \BaconQrCode\Renderer\RendererStyle\RendererStyle(160, 2),
            new \BaconQrCode\Renderer\Image\SvgImageBackEnd,
        ));
        $svg = $writer->writeString($this->code ?? $this->address);

        return (string) preg_replace('/^<\?xml[^>]*>\s*/', '', $svg);
    }
}
