<?php

declare(strict_types=1);

namespace Kavvel\Core\Codes;

/** What a Matter device wants before its window opens (Matter core specification, custom flow). */
enum Flow: string
{
    case Standard = 'standard';
    case UserIntent = 'user-intent';
    case Custom = 'custom';

    /** @throws CodeRefused */
    public static function ofBits(int $bits): self
    {
        return match ($bits) {
            0 => self::Standard,
            1 => self::UserIntent,
            2 => self::Custom,
            default => throw CodeRefused::beyond('The flow 3 is reserved: no device has it', 'flow'),
        };
    }

    public function bits(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    /** What a person does first, or null. */
    public function first(): ?string
    {
        return match ($this) {
            self::Standard => null,
            self::UserIntent => 'It waits for a press before it can be found: press its button first.',
            self::Custom => 'Its maker wants a step of its own first: look at its sheet before the window is opened.',
        };
    }
}
