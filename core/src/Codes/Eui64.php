<?php

declare(strict_types=1);

namespace Kavvel\Core\Codes;

/** The address of a radio: 16 hex digits (IEEE EUI-64). */
final readonly class Eui64 implements Code
{
    private const DIGITS = 16;

    private const GROUP_BIT = 1;

    private const LOCAL_BIT = 2;

    private function __construct(private string $digits) {}

    /** @throws CodeRefused */
    public static function read(Typed $typed): self
    {
        $typed->hexDigits();

        return $typed->length() === self::DIGITS ? new self($typed->code) : throw CodeRefused::badLength(
            'An EUI-64 address has 16 hex digits',
            (string) $typed->length(),
            $typed->place($typed->length()),
        );
    }

    public function kind(): CodeKind
    {
        return CodeKind::Eui64;
    }

    public function isLocal(): bool
    {
        return (hexdec(substr($this->digits, 0, 2)) & self::LOCAL_BIT) !== 0;
    }

    public function fields(): array
    {
        return ['eui64' => $this->digits, 'local' => $this->isLocal()];
    }

    public function warnings(): array
    {
        return array_values(array_filter([
            (hexdec(substr($this->digits, 0, 2)) & self::GROUP_BIT) !== 0 ? 'It is the address of a group, not of one device.' : null,
            in_array(trim($this->digits, $this->digits[0]), [''], true) && in_array($this->digits[0], ['0', 'F'], true)
                ? 'It is a placeholder: no device has this address.' : null,
        ]));
    }

    public function spelling(): string
    {
        return $this->digits;
    }

    public function shown(): string
    {
        return implode(' ', str_split($this->digits, 4));
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
