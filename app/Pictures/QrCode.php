<?php

declare(strict_types=1);

namespace App\Pictures;

use BaconQrCode\Renderer\Image\SvgImageBackEnd;
use BaconQrCode\Renderer\ImageRenderer;
use BaconQrCode\Renderer\RendererStyle\RendererStyle;
use BaconQrCode\Writer;

/** A code as a camera reads it. The library is Debian's (php-bacon-qr-code). */
final readonly class QrCode
{
    private const PIXELS = 200;

    private const MARGIN = 2;

    public static function svg(string $text): string
    {
        require_once 'Bacon/BaconQrCode/autoload.php';
        $svg = (new Writer(new ImageRenderer(new RendererStyle(self::PIXELS, self::MARGIN), new SvgImageBackEnd)))->writeString($text);

        return (string) preg_replace('/^<\?xml[^>]*>\s*/', '', $svg);
    }
}
