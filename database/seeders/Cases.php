<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\JobFiles\Importer;
use App\Models\SiteJob;
use App\Radio\Forecasts;
use InvalidArgumentException;
use Kavvel\Core\JobFile\JobFile;

/** Houses beside the demo, each one that Kavvel has to carry: docs/cases.md. */
final readonly class Cases
{
    public function __construct(private Importer $importer, private Forecasts $forecasts) {}

    /** @return list<string> by name */
    public static function names(): array
    {
        return array_map(static fn (string $file): string => basename($file, '.json'), glob(database_path('demo/cases/*.json')) ?: []);
    }

    /** @throws InvalidArgumentException where there is no such house */
    public function load(string $name): SiteJob
    {
        if (! in_array($name, self::names(), true)) {
            throw new InvalidArgumentException("There is no house “{$name}”: ".implode(', ', self::names()).'.');
        }
        $file = JobFile::parse((string) file_get_contents(database_path("demo/cases/{$name}.json")));
        $job = $this->importer->import($file, asOfToday: true);
        $this->forecasts->refresh($job);

        return $job;
    }
}
