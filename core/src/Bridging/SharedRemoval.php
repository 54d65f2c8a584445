<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** What else goes from an ecosystem when somebody removes one device there that stands behind a bridge. */
final readonly class SharedRemoval
{
    /** @param list<string> $alsoRemoves devices, sorted */
    private function __construct(public string $ecosystem, public string $device, public array $alsoRemoves) {}

    /**
     * @param  list<Path>  $paths
     * @return list<self> in the order of the paths
     */
    public static function among(array $paths, House $house): array
    {
        $behind = [];
        foreach ($paths as $path) {
            $behind[self::door($path)][] = $path->want->device;
        }
        $removals = [];
        foreach ($paths as $path) {
            $isWarned = $house->ecosystem($path->want->ecosystem)->removal !== Removal::Single;
            if ($path->way->form !== Form::MATTER_BRIDGE || ! $isWarned) {
                continue;
            }
            $others = $path->way->lastBox() === null ? [] : array_diff($behind[self::door($path)], [$path->want->device]);
            sort($others, SORT_STRING);
            $removals[] = new self($path->want->ecosystem, $path->want->device, $others);
        }

        return $removals;
    }

    /** Where it enters the ecosystem. */
    private static function door(Path $path): string
    {
        return serialize([$path->want->ecosystem, $path->way->lastBox()?->id]);
    }
}
