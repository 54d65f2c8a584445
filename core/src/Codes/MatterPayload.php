<?php

declare(strict_types=1);

namespace Kavvel\Core\Codes;

/** What a Matter QR code holds (Matter core specification, onboarding payload). */
final readonly class MatterPayload
{
    /** Version, ids, flow, discovery, discriminator, passcode and padding, in bits */
    private const WIDTHS = [3, 16, 16, 2, 8, 12, 27, 4];

    public const BYTES = 11;

    /** Vendor ids that the standard sets aside for tests */
    private const TEST_VENDORS = [0xFFF1, 0xFFF4];

    private function __construct(
        public int $vendorId,
        public int $productId,
        public Flow $flow,
        public int $discoveryBits,
        public int $discriminator,
        public int $passcode,
        public string $more,
    ) {}

    /** @throws CodeRefused */
    public static function of(
        int $vendorId,
        int $productId,
        Flow $flow,
        int $discoveryBits,
        int $discriminator,
        int $passcode,
        string $more = '',
    ): self {
        $least = ['vendor id' => [$vendorId, 0xFFFF], 'product id' => [$productId, 0xFFFF], 'discriminator' => [$discriminator, 0xFFF]];
        foreach ($least as $what => [$value, $most]) {
            if ($value < 0 || $value > $most) {
                throw CodeRefused::beyond("The {$what} {$value} is not between 0 and {$most}", $what);
            }
        }

        return new self($vendorId, $productId, $flow, $discoveryBits & 0xFF, $discriminator, Passcode::checked($passcode), $more);
    }

    /** @throws CodeRefused */
    public static function ofBytes(string $bytes): self
    {
        [$version, $vendor, $product, $flow, $discovery, $discriminator, $passcode, $padding] = self::fieldsOf($bytes);
        if ($version !== 0) {
            throw CodeRefused::laterVersion("The code is of version {$version}; version 0 can be read", 'version');
        }
        if ($padding !== 0) {
            throw CodeRefused::beyond('The last four bits of the code are not 0: a character is wrong', 'padding');
        }

        return self::of($vendor, $product, Flow::ofBits($flow), $discovery, $discriminator, $passcode, substr($bytes, self::BYTES));
    }

    public function bytes(): string
    {
        $values = [
            0, $this->vendorId, $this->productId, $this->flow->bits(), $this->discoveryBits, $this->discriminator, $this->passcode, 0,
        ];
        $bits = '';
        foreach (self::WIDTHS as $number => $width) {
            $bits .= strrev(sprintf("%0{$width}b", $values[$number]));
        }

        return implode('', array_map(
            static fn (string $byte): string => chr((int) bindec(strrev($byte))),
            str_split($bits, 8),
        )).$this->more;
    }

    /** @return list<string> */
    public function warnings(): array
    {
        return array_values(array_filter([
            $this->flow->first(),
            in_array(Discovery::SoftAp, Discovery::ofBits($this->discoveryBits), true)
                ? 'It offers a network of its own to be found over: that way was withdrawn from the standard.' : null,
            $this->discoveryBits === 0 ? 'It does not say how it can be found.' : null,
            Discovery::hasUnknown($this->discoveryBits) ? 'It knows a way to be found that this version of Kavvel does not know.' : null,
            $this->vendorId >= self::TEST_VENDORS[0] && $this->vendorId <= self::TEST_VENDORS[1]
                ? 'Its vendor id is one of those set aside for tests: no device that is sold has it.' : null,
            $this->more === '' || ($this->more[0] === "\x15" && str_ends_with($this->more, "\x18"))
                ? null : 'What follows the fixed part can’t be read.',
        ]));
    }

    /** @return list<int> */
    private static function fieldsOf(string $bytes): array
    {
        $bits = implode('', array_map(
            static fn (string $byte): string => strrev(sprintf('%08b', ord($byte))),
            str_split(substr($bytes, 0, self::BYTES)),
        ));
        $fields = [];
        $at = 0;
        foreach (self::WIDTHS as $width) {
            $fields[] = (int) bindec(strrev(substr($bits, $at, $width)));
            $at += $width;
        }

        return $fields;
    }
}
