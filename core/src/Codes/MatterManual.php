<?php

declare(strict_types=1);

namespace Kavvel\Core\Codes;

/** 11 digits, or 21 with the ids of vendor and product, the last a check digit (Matter core specification, manual pairing code). */
final readonly class MatterManual implements Code
{
    private const SHORT = 11;

    private const LONG = 21;

    private const GROUPS = [self::SHORT => [4, 3, 4], self::LONG => [4, 3, 4, 5, 5]];

    private function __construct(
        public int $shortDiscriminator,
        public int $passcode,
        public ?int $vendorId,
        public ?int $productId,
    ) {}

    /** @throws CodeRefused */
    public static function of(int $shortDiscriminator, int $passcode, ?int $vendorId = null, ?int $productId = null): self
    {
        return new self($shortDiscriminator & 15, Passcode::checked($passcode), $vendorId, $vendorId === null ? null : $productId);
    }

    /** @throws CodeRefused */
    public static function read(Typed $typed): self
    {
        $typed->digits();
        if (! isset(self::GROUPS[$typed->length()])) {
            throw CodeRefused::badLength(
                'A Matter manual code has 11 digits, or 21',
                (string) $typed->length(),
                $typed->place($typed->length()),
            );
        }
        if (! Verhoeff::holds($typed->code)) {
            throw self::wrongDigit($typed);
        }

        return self::ofDigits($typed);
    }

    public function kind(): CodeKind
    {
        return CodeKind::MatterManual;
    }

    public function fields(): array
    {
        return [
            'shortDiscriminator' => $this->shortDiscriminator, 'passcode' => $this->passcode, 'vendorId' => $this->vendorId,
            'productId' => $this->productId,
        ];
    }

    public function warnings(): array
    {
        return [];
    }

    public function spelling(): string
    {
        $hasIds = $this->vendorId !== null;
        $digits = (($hasIds ? 4 : 0) + ($this->shortDiscriminator >> 2))
            .sprintf('%05d', (($this->shortDiscriminator & 3) << 14) + ($this->passcode & 0x3FFF))
            .sprintf('%04d', $this->passcode >> 14)
            .($hasIds ? sprintf('%05d%05d', $this->vendorId, $this->productId) : '');

        return $digits.Verhoeff::digit($digits);
    }

    public function shown(): string
    {
        return self::grouped($this->spelling());
    }

    public function identity(): string
    {
        return self::of($this->shortDiscriminator, $this->passcode)->spelling();
    }

    public function product(): ?ProductIds
    {
        return $this->vendorId === null || $this->productId === null ? null : ProductIds::matter($this->vendorId, $this->productId);
    }

    private static function ofDigits(Typed $typed): self
    {
        $first = (int) $typed->code[0];
        if ($first > 7) {
            throw CodeRefused::laterVersion("Its first digit is {$first}: the code is of a later version", $typed->place(0));
        }
        $hasIds = $first > 3;
        if ($hasIds !== ($typed->length() === self::LONG)) {
            throw CodeRefused::badLength(
                $hasIds ? "A code that begins with {$first} has 21 digits" : "A code that begins with {$first} has 11 digits",
                (string) $typed->length(),
                $typed->place($typed->length()),
            );
        }
        $middle = self::value($typed, 1, 5, 0xFFFF);
        $high = self::value($typed, 6, 4, 0x1FFF);

        return self::of(
            (($first & 3) << 2) | ($middle >> 14),
            ($high << 14) | ($middle & 0x3FFF),
            $hasIds ? self::value($typed, 10, 5, 0xFFFF) : null,
            $hasIds ? self::value($typed, 15, 5, 0xFFFF) : null,
        );
    }

    private static function value(Typed $typed, int $at, int $many, int $most): int
    {
        $value = (int) substr($typed->code, $at, $many);

        return $value <= $most ? $value : throw CodeRefused::beyond(
            'The group “'.substr($typed->code, $at, $many)."” is above {$most}, the most it can be",
            $typed->span($at, $many),
        );
    }

    private static function wrongDigit(Typed $typed): CodeRefused
    {
        $refused = CodeRefused::badChecksum(
            'The check digit does not fit: a digit is wrong, or two are swapped.',
            $typed->place($typed->length() - 1),
        );
        $meant = Correction::of($typed->code, '0123456789', self::holds(...));

        return $meant === null ? $refused : $refused->meaning(self::grouped($meant));
    }

    private static function holds(string $digits): bool
    {
        try {
            return Verhoeff::holds($digits) && self::ofDigits(Typed::plain($digits))->passcode > 0;
        } catch (CodeRefused) {
            return false;
        }
    }

    private static function grouped(string $digits): string
    {
        $groups = [];
        $at = 0;
        foreach (self::GROUPS[strlen($digits)] as $many) {
            $groups[] = substr($digits, $at, $many);
            $at += $many;
        }

        return implode('-', $groups);
    }
}
