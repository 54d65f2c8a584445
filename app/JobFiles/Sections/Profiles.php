<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\Profile;
use App\Models\SiteJob;
use App\Models\Slot;

/** The company keeps one catalogue: an entry that it has is kept as it is. */
final readonly class Profiles extends Section
{
    public function key(): string
    {
        return 'profiles';
    }

    public function write(SiteJob $job): array
    {
        return $job->slots()->with('profile')->get()->map(static fn (Slot $slot): array => $slot->profile->data)
            ->unique('key')->sortBy('key')->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        foreach (Profile::query()->pluck('id', 'key') as $key => $id) {
            $reading->keep($this->key(), (string) $key, $id);
        }
        foreach ($rows as $row) {
            if ($reading->id($this->key(), $row['key']) === null) {
                $reading->keep($this->key(), $row['key'], Profile::query()->create(['key' => $row['key'], 'data' => $row])->id);
            }
        }
    }
}
