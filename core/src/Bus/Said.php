<?php

declare(strict_types=1);

namespace Kavvel\Core\Bus;

/** What was said last at an address of a bus. */
final readonly class Said
{
    private const AS_ON = ['on', '1', 'true'];

    private const AS_OFF = ['off', '0', 'false'];

    /** A dimmer may round what it was told, in percent */
    private const ROUNDS_BY = 1.0;

    /**
     * @param  string|null  $from  the device that said it, by its own address on the bus; null: our own hub
     * @param  int  $atMs  since 1970, by the clock of the hub
     * @param  int|null  $followedUntilMs  until when the bus was listened to after it; null: it is still listened to
     */
    public function __construct(public string $value, public ?string $from, public int $atMs, public ?int $followedUntilMs) {}

    /** Whether a state that is told back is the one that was asked for. */
    public function agreesWith(self $told): bool
    {
        [$asked, $has] = [self::plain($this->value), self::plain($told->value)];

        return $asked === $has || (is_numeric($asked) && is_numeric($has) && abs((float) $asked - (float) $has) <= self::ROUNDS_BY);
    }

    private static function plain(string $value): string
    {
        $small = mb_strtolower(trim(rtrim(trim($value), '%')));

        return match (true) {
            in_array($small, self::AS_ON, true) => 'on',
            in_array($small, self::AS_OFF, true) => 'off',
            default => $small,
        };
    }
}
