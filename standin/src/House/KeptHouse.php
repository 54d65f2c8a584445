<?php

declare(strict_types=1);

namespace Kavvel\Standin\House;

/** The house, worked out once and kept beside the log: a hub is asked for news every second, and the house stays as it is. */
final readonly class KeptHouse
{
    public function __construct(private string $folder) {}

    public function of(string $jobJson, string $overlayJson): House
    {
        $file = "{$this->folder}/house.".hash('xxh128', serialize([$jobJson, $overlayJson]));
        $kept = is_file($file) ? @unserialize((string) file_get_contents($file)) : false;
        if ($kept instanceof House) {
            return $kept;
        }
        $house = House::read($jobJson, $overlayJson);
        if (! is_dir($this->folder)) {
            mkdir($this->folder, 0o700, true);
        }
        $fresh = "{$file}.".getmypid();
        file_put_contents($fresh, serialize($house));
        rename($fresh, $file);

        return $house;
    }
}
