<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

use Kavvel\Core\Catalogue\Profile;

/** The keys that a device has to obey before it counts as in: one at a time, each tried at once. */
final readonly class LearnSheet
{
    /** More keys than a remote has */
    public const MOST_KEYS = 100;

    /** Keys that a capability asks for, where a profile names none (assumption) */
    private const USUAL = [
        'on-off' => ['On', 'Off'], 'level' => ['Brighter', 'Darker'], 'cover' => ['Up', 'Stop', 'Down'],
        'thermostat' => ['Warmer', 'Cooler'], 'fan' => ['Faster', 'Slower'], 'media' => ['Louder', 'Quieter', 'Source'],
    ];

    /** @param list<LearnKey> $keys in the order in which they are taught */
    public function __construct(public array $keys, public LearnSchool $school) {}

    /**
     * What is taught first of a device.
     *
     * @param  bool  $toggles  its remote has one key for on and off
     * @return list<LearnKey>
     */
    public static function wanted(Profile $profile, bool $toggles): array
    {
        $keys = [];
        foreach ($profile->capabilities as $capability) {
            foreach ($capability === 'on-off' && $toggles ? ['Power'] : self::USUAL[$capability] ?? [] as $name) {
                $keys[$name] = LearnKey::wanted($name, $name === 'Power');
            }
        }

        return $keys === [] ? [LearnKey::wanted('Power', true)] : array_values($keys);
    }

    public function next(): ?LearnKey
    {
        foreach ($this->keys as $key) {
            if ($key->step($this->school) !== LearnStep::Done) {
                return $key;
            }
        }

        return null;
    }

    public function isDone(): bool
    {
        return $this->keys !== [] && $this->next() === null;
    }

    public function countDone(): int
    {
        return count(array_filter($this->keys, fn (LearnKey $key): bool => $key->step($this->school) === LearnStep::Done));
    }

    /** @return list<LearnKey> those after which nobody knows what state the device is in */
    public function stateless(): array
    {
        return array_values(array_filter($this->keys, static fn (LearnKey $key): bool => $key->toggles));
    }
}
