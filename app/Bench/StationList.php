<?php

declare(strict_types=1);

namespace App\Bench;

use App\Stations\Station;
use Illuminate\Contracts\Container\Container;

/** The stations of config/stations.php. */
final readonly class StationList
{
    public function __construct(private Container $container) {}

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(strval(...), array_keys((array) config('stations')));
    }

    public static function route(string $name): string
    {
        return "jobs.{$name}";
    }

    /** The name that was asked for where there is such a station, else the first one's. */
    public static function known(string $name): string
    {
        return in_array($name, self::names(), true) ? $name : self::names()[0];
    }

    public function named(string $name): Station
    {
        return $this->container->make((string) config("stations.{$name}"));
    }

    /** @return array<string, Station> by name, in the order in which people work */
    public function all(): array
    {
        $stations = [];
        foreach (self::names() as $name) {
            $stations[$name] = $this->named($name);
        }

        return $stations;
    }
}
