<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** How many fabrics a device holds once it is shared as planned. */
final readonly class Fabrics
{
    private function __construct(public string $device, public int $used, public int $limit) {}

    /**
     * @param  list<Path>  $paths
     * @return list<self> of the devices with a share of their own, by id
     */
    public static function among(array $paths, House $house): array
    {
        $shares = [];
        foreach ($paths as $path) {
            if ($path->way->isShare()) {
                $shares["id {$path->want->device}"] = ($shares["id {$path->want->device}"] ?? 0) + 1;
            }
        }
        ksort($shares, SORT_STRING);

        return array_map(static function (string $key, int $more) use ($house): self {
            $device = $house->device(substr($key, 3));

            return new self($device->id, $device->fabricsUsed + $more, $device->fabricLimit);
        }, array_keys($shares), array_values($shares));
    }
}
