<?php

declare(strict_types=1);

namespace Kavvel\Core\Codes;

/** The device-specific key of a Z-Wave device: 8 groups of 5 digits, the first the PIN that inclusion asks for (Z-Wave S2). */
final readonly class Dsk implements Code
{
    public const DIGITS = 40;

    private const GROUP = 5;

    private const MOST = 65_535;

    private function __construct(private string $digits) {}

    /** @throws CodeRefused */
    public static function read(Typed $typed): self
    {
        $typed->digits();
        if ($typed->length() !== self::DIGITS) {
            throw CodeRefused::badLength(
                'A DSK has 40 digits, 8 groups of 5',
                (string) $typed->length(),
                $typed->place($typed->length()),
            );
        }
        for ($at = 0; $at < self::DIGITS; $at += self::GROUP) {
            $group = substr($typed->code, $at, self::GROUP);
            if ((int) $group > self::MOST) {
                throw CodeRefused::beyond(
                    'Group '.($at / self::GROUP + 1).", “{$group}”, is above ".self::MOST.', the most it can be',
                    $typed->span($at, self::GROUP),
                );
            }
        }

        return new self($typed->code);
    }

    public function kind(): CodeKind
    {
        return CodeKind::ZWaveDsk;
    }

    public function pin(): string
    {
        return substr($this->digits, 0, self::GROUP);
    }

    public function fields(): array
    {
        return ['dsk' => $this->shown(), 'pin' => $this->pin()];
    }

    public function warnings(): array
    {
        return [];
    }

    public function spelling(): string
    {
        return $this->digits;
    }

    public function shown(): string
    {
        return implode('-', str_split($this->digits, self::GROUP));
    }

    public function identity(): string
    {
        return $this->spelling();
    }

    public function product(): ?ProductIds
    {
        return null;
    }
}
