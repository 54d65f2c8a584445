<?php

declare(strict_types=1);

namespace Kavvel\Standin\House;

use Kavvel\Core\Codes\Code;
use Kavvel\Core\Codes\CodeFamily;
use Kavvel\Core\Codes\CodeRefused;
use Kavvel\Core\Codes\Codes;
use Kavvel\Core\Codes\Dsk;
use Kavvel\Core\Codes\Flow;
use Kavvel\Core\Codes\InstallCode;
use Kavvel\Core\Codes\MatterPayload;
use Kavvel\Core\Codes\MatterQr;
use Kavvel\Core\Codes\Typed;
use Kavvel\Core\Codes\ZWaveBlocks;
use Kavvel\Core\Codes\ZWaveQr;

/** The code that a unit truly has: made from the seed of the house, the same every time. */
final readonly class TrueCode
{
    private const KEYS = 135;

    private const BLE = 2;

    private const PIN = 5;

    private function __construct(public Code $code) {}

    /**
     * @param  string  $unit  its key, or another unit’s
     * @param  list<int>|null  $ids
     */
    public static function of(int $seed, string $unit, ?CodeFamily $family, ?array $ids): ?self
    {
        $hash = hash('sha256', "{$seed} code {$unit}");

        return match ($family) {
            CodeFamily::Zigbee => new self(InstallCode::ofBytes((string) hex2bin(substr($hash, 0, 32)))),
            CodeFamily::ZWave => new self(ZWaveQr::of(1, self::KEYS, self::dsk($hash), $ids === null ? '' : ZWaveBlocks::ofProduct(
                $ids[0],
                $ids[1],
                $ids[2],
                533,
                1793,
                3072,
            ))),
            CodeFamily::Matter => new self(MatterQr::of(MatterPayload::of(
                $ids[0] ?? 65_521,
                $ids[1] ?? 32_768,
                Flow::Standard,
                self::BLE,
                (int) hexdec(substr($hash, 0, 3)),
                1 + (int) hexdec(substr($hash, 8, 6)) + 20_000_000,
            ))),
            default => null,
        };
    }

    /** What a Z-Wave device shows of its key while it is included; null: it has none. */
    public function partialDsk(): ?string
    {
        $dsk = $this->code->fields()['dsk'] ?? null;

        return is_string($dsk) ? substr($dsk, self::PIN + 1) : null;
    }

    public function hasPin(string $pin): bool
    {
        return str_starts_with((string) ($this->code->fields()['dsk'] ?? ''), "{$pin}-");
    }

    /** @param array{kind?: string, value?: string} $given what a window was opened with */
    public function isOpenedBy(array $given): bool
    {
        $code = self::read($given);

        return $code !== null && $code->identity() === $this->code->identity();
    }

    /**
     * A Matter device is looked for by a part of its code; others are heard whatever the code.
     *
     * @param  array{kind?: string, value?: string}  $given
     */
    public function isFoundBy(array $given): bool
    {
        $code = self::read($given);
        $wanted = $code?->fields()['discriminator'] ?? null;
        $short = $code?->fields()['shortDiscriminator'] ?? null;
        $own = $this->code->fields()['discriminator'] ?? null;

        return $own === null || $wanted === $own || $short === $own >> 8;
    }

    /** @param array{kind?: string, value?: string} $given */
    private static function read(array $given): ?Code
    {
        try {
            return isset($given['value']) ? Codes::read($given['value'])[0] : null;
        } catch (CodeRefused) {
            return null;
        }
    }

    private static function dsk(string $hash): Dsk
    {
        return Dsk::read(Typed::plain(implode('', array_map(
            static fn (string $hex): string => sprintf('%05d', hexdec($hex)),
            str_split(substr($hash, 0, 32), 4),
        ))));
    }
}
