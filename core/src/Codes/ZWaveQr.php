<?php

declare(strict_types=1);

namespace Kavvel\Core\Codes;

/** `90`, version, checksum, the keys asked for, the DSK, then blocks of data: digits only (Z-Wave SmartStart QR code). */
final readonly class ZWaveQr implements Code
{
    private const LEAD = '90';

    private const VERSIONS = ['00' => 0, '01' => 1];

    /** Where the checksum begins, and where what it is made over begins */
    private const CHECKSUM_AT = 4;

    private const CHECKED_FROM = 9;

    private const DSK_AT = 12;

    public const LEAST_DIGITS = self::DSK_AT + Dsk::DIGITS;

    private const MOST_KEYS = 255;

    /** Nothing longer stands on a sticker: it is not tried slip by slip */
    private const LONGEST_MENDED = 400;

    private function __construct(
        public int $version,
        public int $keyBits,
        public Dsk $dsk,
        public ZWaveBlocks $blocks,
    ) {}

    /** @throws CodeRefused */
    public static function read(Typed $typed): self
    {
        $typed->digits();
        if (! str_starts_with($typed->code, self::LEAD)) {
            throw CodeRefused::unknownFormat('A Z-Wave QR code begins with “90”.');
        }
        if ($typed->length() < self::LEAST_DIGITS) {
            throw CodeRefused::badLength(
                'A Z-Wave QR code has at least '.self::LEAST_DIGITS.' digits',
                (string) $typed->length(),
                $typed->place($typed->length()),
            );
        }
        $version = self::VERSIONS[substr($typed->code, 2, 2)] ?? throw CodeRefused::laterVersion(
            'The code is of version '.substr($typed->code, 2, 2).'; 00 and 01 can be read',
            $typed->span(2, 2),
        );
        if (! self::holds($typed->code)) {
            throw self::wrongDigit($typed);
        }

        return self::checked($typed, $version);
    }

    /** @throws CodeRefused */
    public static function of(int $version, int $keyBits, Dsk $dsk, string $blocks = ''): self
    {
        $rest = sprintf('%03d', $keyBits).$dsk->spelling().$blocks;

        return self::read(Typed::plain(self::LEAD.sprintf('%02d', $version).self::checksum($rest).$rest));
    }

    public function kind(): CodeKind
    {
        return CodeKind::ZWaveQr;
    }

    public function fields(): array
    {
        return [
            'version' => $this->version,
            'keys' => array_column(ZWaveKeys::ofBits($this->keyBits), 'value'),
            'dsk' => $this->dsk->shown(),
            'pin' => $this->dsk->pin(),
            ...$this->blocks->fields(),
        ];
    }

    public function warnings(): array
    {
        return [
            ...($this->version === 0
                ? ['It is for inclusion with a window open: it is on no list that lets it in by itself.'] : []),
            ...($this->keyBits === 0 ? ['It asks for no key: it joins without security.'] : []),
            ...(ZWaveKeys::hasUnknown($this->keyBits) ? ['It asks for a key that this version of Kavvel does not know.'] : []),
            ...$this->blocks->warnings(),
        ];
    }

    public function spelling(): string
    {
        $rest = sprintf('%03d', $this->keyBits).$this->dsk->spelling().$this->blocks->digits;

        return self::LEAD.sprintf('%02d', $this->version).self::checksum($rest).$rest;
    }

    public function shown(): string
    {
        return $this->dsk->shown();
    }

    public function identity(): string
    {
        return $this->dsk->identity();
    }

    public function product(): ?ProductIds
    {
        return $this->blocks->product();
    }

    private static function checked(Typed $typed, int $version): self
    {
        $keys = (int) substr($typed->code, self::CHECKED_FROM, 3);
        if ($keys > self::MOST_KEYS) {
            throw CodeRefused::beyond("The keys {$keys} are above ".self::MOST_KEYS, $typed->span(self::CHECKED_FROM, 3));
        }

        return new self(
            $version,
            $keys,
            Dsk::read($typed->from(self::DSK_AT)->upTo(Dsk::DIGITS)),
            ZWaveBlocks::read($typed->from(self::LEAST_DIGITS)),
        );
    }

    private static function holds(string $digits): bool
    {
        return substr($digits, self::CHECKSUM_AT, 5) === self::checksum(substr($digits, self::CHECKED_FROM));
    }

    /** The first two bytes of SHA-1 over everything after it, as five digits. */
    private static function checksum(string $rest): string
    {
        return sprintf('%05d', hexdec(substr(sha1($rest), 0, 4)));
    }

    private static function wrongDigit(Typed $typed): CodeRefused
    {
        $refused = CodeRefused::badChecksum(
            'The checksum does not fit the rest of the code: a digit is wrong, or two are swapped.',
            $typed->span(self::CHECKSUM_AT, 5),
        );
        if ($typed->length() > self::LONGEST_MENDED) {
            return $refused;
        }
        $meant = Correction::of($typed->code, '0123456789', static function (string $slip): bool {
            $version = self::VERSIONS[substr($slip, 2, 2)] ?? null;
            try {
                return $version !== null && str_starts_with($slip, self::LEAD) && self::holds($slip)
                    && self::checked(Typed::plain($slip), $version)->version === $version;
            } catch (CodeRefused) {
                return false;
            }
        });

        return $meant === null ? $refused : $refused->meaning($meant);
    }
}
