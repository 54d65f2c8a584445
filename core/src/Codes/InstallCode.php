<?php

declare(strict_types=1);

namespace Kavvel\Core\Codes;

/** 6, 8, 12 or 16 bytes and their CRC, in hex digits; the link key of the device comes from it (Zigbee specification, install codes). */
final readonly class InstallCode implements Code
{
    /** Hex digits with the CRC */
    public const LENGTHS = [16, 20, 28, 36];

    private const CRC_DIGITS = 4;

    private function __construct(private string $code) {}

    /** @throws CodeRefused */
    public static function read(Typed $typed): self
    {
        $typed->hexDigits();
        if (! in_array($typed->length(), self::LENGTHS, true)) {
            throw CodeRefused::badLength(
                'An install code has 16, 20, 28 or 36 hex digits, its CRC of 4 at the end',
                (string) $typed->length(),
                $typed->place($typed->length()),
            );
        }
        if (! self::holds($typed->code)) {
            throw self::wrongDigit($typed);
        }

        return new self(substr($typed->code, 0, -self::CRC_DIGITS));
    }

    public static function ofBytes(string $bytes): self
    {
        return self::read(Typed::plain(bin2hex($bytes.Crc16::of($bytes))));
    }

    /** Hex digits of one of the lengths, with a CRC that fits. */
    public static function holds(string $digits): bool
    {
        if (! in_array(strlen($digits), self::LENGTHS, true)) {
            return false;
        }
        $bytes = (string) hex2bin($digits);

        return Crc16::of(substr($bytes, 0, -2)) === substr($bytes, -2);
    }

    public function kind(): CodeKind
    {
        return CodeKind::ZigbeeInstallCode;
    }

    public function linkKey(): string
    {
        return strtoupper(bin2hex(AesMmo::hash((string) hex2bin($this->spelling()))));
    }

    public function fields(): array
    {
        return ['code' => $this->code, 'crc' => substr($this->spelling(), -self::CRC_DIGITS), 'linkKey' => $this->linkKey()];
    }

    public function warnings(): array
    {
        return [];
    }

    public function spelling(): string
    {
        return $this->code.strtoupper(bin2hex(Crc16::of((string) hex2bin($this->code))));
    }

    public function shown(): string
    {
        return implode(' ', str_split($this->spelling(), 4));
    }

    public function identity(): string
    {
        return $this->spelling();
    }

    public function product(): ?ProductIds
    {
        return null;
    }

    private static function wrongDigit(Typed $typed): CodeRefused
    {
        $refused = CodeRefused::badChecksum(
            'The last four digits do not fit the rest of the code: a digit is wrong, or two are swapped.',
            $typed->span($typed->length() - self::CRC_DIGITS, self::CRC_DIGITS),
        );
        $meant = Correction::of($typed->code, '0123456789ABCDEF', self::holds(...));

        return $meant === null ? $refused : $refused->meaning(implode(' ', str_split($meant, 4)));
    }
}
