<?php

declare(strict_types=1);

namespace Kavvel\Core\Naming;

use Closure;

/** Finds names that people, voice platforms or short fields would mix up. */
final readonly class ConflictCheck
{
    /** A list of more helps nobody */
    public const MOST = 50_000;

    /**
     * @param  list<string>  $rooms
     * @param  list<string>  $groups
     * @param  list<Ecosystem>  $ecosystems
     */
    public function __construct(private array $rooms, private array $groups, private array $ecosystems) {}

    /**
     * @param  list<Device>  $devices
     * @param  list<Name>  $names  in the same order
     * @param  string|null  $about  compare this device with all others, and not each with each
     * @return list<Conflict>
     */
    public function of(array $devices, array $names, ?string $about = null): array
    {
        $conflicts = [...$this->same($names), ...$this->likePlaces($names), ...$this->near($names, $about)];

        return [...$conflicts, ...$this->soundingAlike($devices, $names, $about), ...$this->tooLong($devices, $names)];
    }

    /**
     * @param  list<Name>  $names
     * @return list<Conflict>
     */
    private function near(array $names, ?string $about): array
    {
        $words = array_map(static fn (Name $name): string => Text::withoutNumbers(Text::fold($name->name)), $names);

        return array_map(static fn (array $pair): Conflict => new Conflict(
            'near',
            [$names[$pair[0]]->id, $names[$pair[1]]->id],
            null,
            "“{$names[$pair[0]]->name}” and “{$names[$pair[1]]->name}” are one letter or a plural apart.",
        ), $this->pairs($names, $words, $about, Text::isNear(...)));
    }

    /**
     * @param  list<Device>  $devices
     * @param  list<Name>  $names
     * @return list<Conflict>
     */
    private function soundingAlike(array $devices, array $names, ?string $about): array
    {
        $spoken = array_map(static fn (Device $device): string => Text::withoutNumbers(Text::fold($device->withinRoom())), $devices);
        $sounds = array_map(static fn (string $words): string => Sound::of($words)->symbols ?? '', $spoken);
        $conflicts = [];
        foreach ($this->pairs($names, $sounds, $about, Sound::areClose(...), bySelf: true) as [$one, $other]) {
            if ($spoken[$one] !== $spoken[$other] && $sounds[$one] !== '' && $sounds[$other] !== '') {
                $conflicts[] = new Conflict(
                    'sounds-alike',
                    [$names[$one]->id, $names[$other]->id],
                    null,
                    "“{$names[$one]->name}” and “{$names[$other]->name}” sound alike when spoken"
                        .Sound::difference($spoken[$one], $spoken[$other]).'.',
                );
            }
        }

        return $conflicts;
    }

    /**
     * @param  list<Name>  $names
     * @param  list<string>  $words  in the same order
     * @param  Closure(string, string): bool  $areAlike
     * @param  bool  $bySelf  whether two with the very same word are a pair too
     * @return list<array{int, int}>
     */
    private function pairs(array $names, array $words, ?string $about, Closure $areAlike, bool $bySelf = false): array
    {
        if ($about === null) {
            $pairs = AlikePairs::of($words, $areAlike);

            return $bySelf ? [...$pairs, ...AlikePairs::same($words)] : $pairs;
        }
        $pairs = [];
        $at = array_search($about, array_map(static fn (Name $name): string => $name->id, $names), true);
        foreach ($words as $other => $word) {
            if ($at !== false && $other !== $at && ($word === $words[$at] ? $bySelf : $areAlike($words[$at], $word))) {
                $pairs[] = [min($at, $other), max($at, $other)];
            }
        }

        return $pairs;
    }

    /**
     * @param  list<Name>  $names
     * @return list<Conflict>
     */
    private function same(array $names): array
    {
        $ids = [];
        foreach ($names as $name) {
            $ids['name '.Text::fold($name->name)][] = $name;
        }
        $conflicts = [];
        foreach ($ids as $alike) {
            if (count($alike) > 1) {
                $conflicts[] = new Conflict(
                    'same',
                    array_map(static fn (Name $name): string => $name->id, $alike),
                    null,
                    count($alike)." devices are called “{$alike[0]->name}”.",
                );
            }
        }

        return $conflicts;
    }

    /**
     * @param  list<Name>  $names
     * @return list<Conflict>
     */
    private function likePlaces(array $names): array
    {
        $places = [];
        foreach ($this->groups as $group) {
            $places['name '.Text::fold($group)] = "the group “{$group}”";
        }
        foreach ($this->rooms as $room) {
            $places['name '.Text::fold($room)] = "the room “{$room}”";
        }
        $conflicts = [];
        foreach ($names as $name) {
            $place = $places['name '.Text::fold($name->name)] ?? null;
            if ($place !== null) {
                $conflicts[] = new Conflict(
                    'group',
                    [$name->id],
                    null,
                    "“{$name->name}” is also {$place}: a spoken order would move all of it.",
                );
            }
        }

        return $conflicts;
    }

    /**
     * @param  list<Device>  $devices
     * @param  list<Name>  $names
     * @return list<Conflict>
     */
    private function tooLong(array $devices, array $names): array
    {
        $conflicts = [];
        foreach ($names as $at => $name) {
            $length = mb_strlen($name->name, 'UTF-8');
            foreach ($this->ecosystems as $ecosystem) {
                if ($ecosystem->maxLength !== null && $length > $ecosystem->maxLength) {
                    $conflicts[] = new Conflict(
                        'too-long',
                        [$name->id],
                        $ecosystem->id,
                        "“{$name->name}” has {$length} characters; “{$ecosystem->id}” takes {$ecosystem->maxLength}.",
                    );
                }
            }
            if (! $name->fits($devices[$at]->protocol)) {
                $conflicts[] = new Conflict(
                    'too-long',
                    [$name->id],
                    null,
                    "No short form of “{$name->name}” fits its network without cutting a word.",
                );
            }
        }

        return $conflicts;
    }
}
