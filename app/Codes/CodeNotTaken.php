<?php

declare(strict_types=1);

namespace App\Codes;

use App\Editing\Refused;
use App\Models\Credential;
use App\Models\Slot;
use Illuminate\Validation\ValidationException;
use Kavvel\Core\Codes\CodeRefused;
use Kavvel\Core\Codes\FoundSecret;

/** A code is not stored, with the reason, and the code that was surely meant where there is one. */
final class CodeNotTaken extends Refused
{
    private ?string $meant = null;

    public static function unreadable(CodeRefused $refused): self
    {
        $self = new self('code', $refused->getMessage());
        $self->meant = $refused->meant();

        return $self;
    }

    public static function isUsed(Credential $other): self
    {
        $slot = $other->slot;

        return new self('code', $slot === null
            ? 'This code waits in the tray already.'
            : "This is the code of the {$slot->title()} already. One of the two has another: look at its sticker again.");
    }

    public static function isGone(): self
    {
        return new self('code', 'It is not there any more: somebody else had it in hand. Open the page again.');
    }

    public static function belongsElsewhere(string $objection): self
    {
        return new self('code', "{$objection} Scan it into the tray: there it finds its own device.");
    }

    public static function isTaken(Slot $slot): self
    {
        return new self('code', "The {$slot->title()} has a code already. Take that one away first.");
    }

    public static function holdsNoKey(): self
    {
        return new self('code', 'There is no key in it. Paste the whole reply, or the key alone.');
    }

    /** @param list<FoundSecret> $found */
    public static function holdsSeveral(array $found): self
    {
        $many = count($found);
        $whose = implode(', ', array_map(static fn (FoundSecret $one): string => $one->of ?? $one->at, array_slice($found, 0, 6)));

        return new self('code', "{$many} keys are in it: of {$whose}. Paste only the part of this device.");
    }

    public static function isNoDevice(string $title): self
    {
        return new self('code', "That is a {$title}: no device is let in with it.");
    }

    public function asValidation(): ValidationException
    {
        return ValidationException::withMessages([
            $this->field => $this->getMessage(),
            ...($this->meant === null ? [] : ['meant' => $this->meant]),
        ]);
    }
}
