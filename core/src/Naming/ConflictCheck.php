<?php

declare(strict_types=1);

namespace Kavvel\Core\Naming;

/** Finds names that people, voice platforms or short fields would mix up. */
final readonly class ConflictCheck
{
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
        $conflicts = [...$this->same($names), ...$this->likePlaces($names)];
        $folded = array_map(static fn (Name $name): string => Text::base(Text::fold($name->name)), $names);
        $spoken = array_map(static fn (Device $device): string => Text::base(Text::fold($device->withinRoom())), $devices);
        $sounds = array_map(Sound::of(...), $spoken);
        for ($i = 0, $count = count($names); $i < $count; $i++) {
            for ($j = $i + 1; $j < $count; $j++) {
                if ($about !== null && $names[$i]->id !== $about && $names[$j]->id !== $about) {
                    continue;
                }
                $pair = [$names[$i]->id, $names[$j]->id];
                if (Text::withoutNumbers($folded[$i]) !== Text::withoutNumbers($folded[$j]) && Text::isNear($folded[$i], $folded[$j])) {
                    $conflicts[] = new Conflict(
                        'near',
                        $pair,
                        null,
                        "“{$names[$i]->name}” and “{$names[$j]->name}” are one letter or a plural apart.",
                    );
                }
                if ($spoken[$i] !== $spoken[$j] && $sounds[$i]?->isLike($sounds[$j] ?? $sounds[$i]) && $sounds[$j] !== null) {
                    $conflicts[] = new Conflict(
                        'sounds-alike',
                        $pair,
                        null,
                        "“{$names[$i]->name}” and “{$names[$j]->name}” sound alike when spoken.",
                    );
                }
            }
        }

        return [...$conflicts, ...$this->tooLong($devices, $names)];
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
