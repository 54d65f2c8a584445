<?php

declare(strict_types=1);

namespace Kavvel\Core\Codes;

/**
 * What a Z-Wave device shows of its key while it is included: all but the first group, which only its sticker has. Whoever types that
 * group has the device in hand (Z-Wave S2, authenticated).
 */
final readonly class PartialDsk
{
    private const PIN = 5;

    private function __construct(private string $digits) {}

    /** @throws CodeRefused */
    public static function read(string $text): self
    {
        // Held against the rule of whole keys, with a group that every key may begin with.
        return new self(substr(Dsk::read(Typed::plain('00000'.(string) preg_replace('/\D/', '', $text)))->spelling(), self::PIN));
    }

    /** The key as it is with what the sticker begins with. @throws CodeRefused */
    public function with(string $pin): Dsk
    {
        $typed = Typed::plain($pin);
        $typed->digits();
        if ($typed->length() !== self::PIN) {
            throw CodeRefused::badLength('The PIN has 5 digits, the first group of the key', (string) $typed->length(), 'the PIN');
        }

        return Dsk::read(Typed::plain($typed->code.$this->digits));
    }

    public function isOf(string $dsk): bool
    {
        return substr((string) preg_replace('/\D/', '', $dsk), self::PIN) === $this->digits;
    }

    public function shown(): string
    {
        return implode('-', str_split($this->digits, self::PIN));
    }
}
