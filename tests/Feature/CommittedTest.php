<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\JobSheet\Catalogue;
use App\Models\Profile;
use App\Models\Room;
use App\Plan\Geometry;
use App\Tenancy\Committed;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use Tests\TestCase;

/** What is kept of the database is kept of what was committed. */
final class CommittedTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
    }

    public function test_what_is_undone_leaves_nothing_that_is_kept(): void
    {
        $job = $this->siteJob();
        $rooms = count(Geometry::of($job)->rooms);
        try {
            DB::transaction(static function () use ($job): void {
                $job->touchPlan();
                Room::query()->create([
                    ...$job->rooms()->firstOrFail()->only(['site_job_id', 'storey_id', 'outline']),
                    'key' => 'undone',
                    'name' => 'Undone',
                    'code' => 'UND',
                ]);
                self::assertCount(count($job->rooms()->get()), Geometry::of($job->refresh())->rooms, 'seen inside');
                throw new RuntimeException('It fails at the end.');
            });
        } catch (RuntimeException) {
        }
        $job->touchPlan();

        self::assertCount($rooms, Geometry::of($job->refresh())->rooms);
    }

    public function test_a_new_profile_is_there_for_the_very_next_page(): void
    {
        $region = $this->siteJob()->region;
        $before = Catalogue::of($region);
        $data = ['key' => 'new-lamp', 'name' => 'New lamp'] + Profile::query()->firstOrFail()->data;
        $new = Profile::query()->create(['key' => 'new-lamp', 'data' => $data]);

        self::assertCount(count($before) + 1, Catalogue::of($region));
        self::assertSame('New lamp', Catalogue::of($region)[$new->id]->name);
    }

    public function test_outside_a_transaction_it_is_kept(): void
    {
        self::assertSame(1, Committed::rememberForever('committed', static fn (): int => 1));
        self::assertSame(1, Committed::rememberForever('committed', static fn (): int => 2));
        DB::transaction(static fn () => self::assertSame(3, Committed::rememberForever('committed', static fn (): int => 3)));
        self::assertSame(1, Cache::get('committed'));
    }
}
