<?php

declare(strict_types=1);

namespace Kavvel\Core\Naming;

/** What a platform shows of a name: whole, without the room where it adds that itself, or short where it takes less. */
final readonly class PlatformForm
{
    /** @param string|null $text null: no form of it fits without cutting a word */
    private function __construct(public Ecosystem $platform, public ?string $text) {}

    /**
     * @param  list<Device>  $devices  of the job, with the names that they will have
     * @param  list<Ecosystem>  $platforms
     * @return list<self> of one device, no two devices of the job alike on one platform
     */
    public static function of(array $devices, array $platforms, string $id): array
    {
        return array_map(
            static fn (Ecosystem $one): self => new self($one, self::all($devices, $one)[" {$id}"] ?? null),
            $platforms,
        );
    }

    /**
     * @param  list<Device>  $devices  of the job, with the names that they will have
     * @return array<string, string|null> what a platform shows of each, by id after a blank
     */
    public static function all(array $devices, Ecosystem $platform): array
    {
        $shortener = Shortener::byCharacters(NamePlan::ABBREVIATIONS);
        $shown = [];
        foreach ($devices as $device) {
            $given = (string) $device->given;
            $within = self::capital($device->withinRoom());
            $room = $platform->addsRoom ? " {$device->room}" : '';
            $shown[" {$device->id}"] = $shortener->unique(
                "{$platform->id}{$room}",
                $platform->addsRoom ? [$within] : [$given, $within],
                $platform->maxLength ?? PHP_INT_MAX,
            );
        }

        return $shown;
    }

    private static function capital(string $text): string
    {
        return mb_strtoupper(mb_substr($text, 0, 1)).mb_substr($text, 1);
    }
}
