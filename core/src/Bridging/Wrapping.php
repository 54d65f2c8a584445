<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/**
 * As what a hub may show a function where it is not known. Nothing that somebody relies on when it matters is wrapped, and nothing
 * becomes a switch that moves or sounds: “all off” of a house would take it along.
 */
enum Wrapping: string
{
    case TiltAsCover = 'tilt-as-cover';
    case LeakAsContact = 'leak-as-contact';
    case SwitchAsActivity = 'on-off-as-activity';
    case LevelAsActivity = 'level-as-activity';

    /** @return list<self> what may be made of a function, the first for choice */
    public static function whereLost(string $capability): array
    {
        return array_values(array_filter(self::cases(), static fn (self $one): bool => $one->of() === $capability));
    }

    /** The function that gets lost. */
    public function of(): string
    {
        return match ($this) {
            self::TiltAsCover => 'tilt',
            self::LeakAsContact => 'leak',
            self::SwitchAsActivity => 'on-off',
            self::LevelAsActivity => 'level',
        };
    }

    public function as(): string
    {
        return match ($this) {
            self::TiltAsCover => 'cover',
            self::LeakAsContact => 'contact',
            self::SwitchAsActivity, self::LevelAsActivity => 'activity',
        };
    }

    /** Whether it is told apart by a threshold: what it says at both ends has to be measured. */
    public function isMeasured(): bool
    {
        return $this === self::TiltAsCover;
    }

    public function unit(): string
    {
        return '%';
    }

    /** What is driven to its end to measure it */
    public function moves(bool $isOpen): string
    {
        return 'Turn its slats fully '.($isOpen ? 'open' : 'closed');
    }

    /** "open and close" instead of "tilt" */
    public function words(): string
    {
        return match ($this) {
            self::TiltAsCover => 'open and close',
            self::LeakAsContact => 'open while it is wet, else closed',
            self::SwitchAsActivity => 'an activity that switches it on',
            self::LevelAsActivity => 'an activity that sets its brightness',
        };
    }

    /** What it is called beside the thing itself, where that shows as well */
    public function besides(string $name): string
    {
        return match ($this) {
            self::TiltAsCover => "{$name} slats",
            self::LeakAsContact => "{$name} contact",
            self::SwitchAsActivity, self::LevelAsActivity => $name,
        };
    }

    /** Whether a default that somebody gave can be one. */
    public function canBegin(string $default): bool
    {
        return match ($this) {
            self::TiltAsCover, self::LeakAsContact => in_array($default, ['open', 'closed'], true),
            self::SwitchAsActivity => in_array($default, ['on', 'off'], true),
            self::LevelAsActivity => preg_match('/^(?:[1-9]\d?|100)$/D', $default) === 1,
        };
    }

    /** What it shows before it has been told anything, or does when it is started: the default that is asked about. */
    public function defaults(): string
    {
        return match ($this) {
            self::TiltAsCover, self::LeakAsContact => 'closed',
            self::SwitchAsActivity => 'on',
            self::LevelAsActivity => '60',
        };
    }
}
