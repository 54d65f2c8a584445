<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\JobFiles\Exporter;
use App\JobFiles\Importer;
use App\JobFiles\ImportRefused;
use App\JobFiles\Sections\PointSteps;
use App\Models\Gateway;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\JobFile\JobFile;
use Kavvel\Core\Pairing\AttemptState;
use Kavvel\Core\Pairing\Failure;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class JobFileTest extends TestCase
{
    #[DataProvider('jobs')]
    public function test_an_export_imported_again_is_the_same_job(string $key): void
    {
        $this->as('mara');
        $first = app(Exporter::class)->export($this->siteJob($key));
        $copy = app(Importer::class)->import(JobFile::parse((string) json_encode($first)));
        $second = app(Exporter::class)->export($copy);

        self::assertSame("{$key}-2", $copy->key);
        $second['job']['key'] = $key;
        self::assertNull($second['gateways'][0]['link'], 'a hub is followed by one job');
        self::assertEquals($this->withoutLinks($first), $second);
    }

    #[DataProvider('jobs')]
    public function test_a_demo_file_loses_nothing_on_its_way_through_the_database(string $key): void
    {
        $this->as('mara');
        $file = json_decode((string) file_get_contents(database_path("demo/{$key}.json")), true);
        $copy = app(Exporter::class)->export(app(Importer::class)->import(JobFile::parse((string) json_encode($file))));
        $copy['job']['key'] = $key;
        $byKey = static fn (array $profiles): array => collect($profiles)
            ->whereIn('key', array_column($file['slots'], 'profile'))
            ->sortBy('key')
            ->values()
            ->all();

        $file = $this->withoutLinks($file);
        foreach ([
            'asOf', 'job', 'storeys', 'rooms', 'walls', 'wants', 'leftOut', 'ducts', 'circuits', 'keyUses', 'heating', 'closings',
            'pointSteps', 'tradeWorks', 'designerCounts', 'points',
            'gateways', 'slots', 'nodes', 'attempts', 'proofs',
            'questions', 'snags', 'log',
        ] as $part) {
            self::assertEquals($file[$part], $copy[$part], $part);
        }
        self::assertEquals($byKey($file['profiles']), $copy['profiles']);
    }

    public function test_what_an_attempt_and_a_device_say_travels(): void
    {
        $this->as('mara');
        $slot = $this->slot('hall-relay');
        $slot->update(['hardware' => 'rev B', 'left_at' => now()->startOfSecond()]);
        $slot->pairAttempts()->latest('id')->firstOrFail()->update([
            'reached' => AttemptState::Secured, 'failure' => Failure::NotReached, 'network' => ['oneSegment' => false],
            'secured_with' => 'code',
            'other_seen' => true, 'strangers' => 2, 'light_at' => now()->startOfSecond(),
        ]);
        $file = app(Exporter::class)->export($this->siteJob());
        $copy = app(Importer::class)->import(JobFile::parse((string) json_encode($file)));
        $again = app(Exporter::class)->export($copy);

        self::assertEquals($file['attempts'], $again['attempts']);
        self::assertEquals($file['slots'], $again['slots']);
        self::assertSame('not-reached', array_column($again['attempts'], 'failure')[0]);
        self::assertCount(7, $again['gateways'][0]['checks']);
    }

    public function test_the_addresses_of_a_bus_and_the_keys_of_a_sender_travel(): void
    {
        $this->as('mara');
        $file = json_decode((string) file_get_contents(database_path('demo/lantern-house.json')), true);
        [$blind, $screen] = array_column($file['slots'], 'key');
        $file['busAddresses'] = [
            ['address' => '1/2/3', 'name' => 'Den move', 'point' => 'Den', 'function' => 'move', 'slot' => $blind],
            ['address' => '1/2/4', 'name' => 'Den stop', 'point' => 'Den', 'function' => 'stop', 'slot' => $blind],
            ['address' => '1/2/5', 'name' => 'Spare', 'point' => 'Spare', 'function' => null, 'slot' => null],
        ];
        $file['slots'][1]['taught'] = ['school' => 'learn-all', 'keys' => [
            ['name' => 'on', 'toggles' => true, 'learnt' => true, 'works' => null, 'by' => 'Mara', 'at' => '2026-01-02T03:04:05Z'],
            ['name' => 'off', 'toggles' => false, 'learnt' => false, 'works' => false, 'by' => null, 'at' => null],
        ]];
        $copy = app(Importer::class)->import(JobFile::parse((string) json_encode($file)));
        $again = app(Exporter::class)->export($copy);

        self::assertEquals($file['busAddresses'], $again['busAddresses']);
        self::assertEquals($file['slots'][1]['taught'], $again['slots'][1]['taught']);
        self::assertArrayNotHasKey('taught', $again['slots'][0]);
        $this->assertFitsTheSchema((string) json_encode($again));
    }

    #[DataProvider('jobs')]
    public function test_files_and_exports_are_what_the_schema_says(string $key): void
    {
        $this->as('mara');
        $this->assertFitsTheSchema((string) file_get_contents(database_path("demo/{$key}.json")));
        $this->assertFitsTheSchema((string) json_encode(app(Exporter::class)->export($this->siteJob($key))));
    }

    private function assertFitsTheSchema(string $json): void
    {
        $validator = new Validator;
        $validator->resolver()?->registerFile('https://kavvel.example/catalogue.schema.json', base_path('docs/catalogue.schema.json'));
        $result = $validator->validate(json_decode($json), (string) file_get_contents(base_path('docs/job.schema.json')));
        self::assertTrue(
            $result->isValid(),
            $result->error() === null ? '' : (string) json_encode((new ErrorFormatter)->format($result->error())),
        );
    }

    /** @return list<array{string}> */
    public static function jobs(): array
    {
        return [['lantern-house'], ['calico-court'], ['hollin-barn']];
    }

    public function test_no_secret_travels_in_a_job_file(): void
    {
        $json = $this->as('mara')
            ->get('/jobs/lantern-house/export')
            ->assertOk()
            ->assertDownload('lantern-house.kavvel.json')
            ->getContent();

        self::assertStringNotContainsString('30412', (string) $json);
        self::assertStringNotContainsString('"token"', (string) $json);
        self::assertStringNotContainsString('secret', (string) $json);
    }

    public function test_photographs_of_points_travel_smaller_and_what_finds_no_room_is_told(): void
    {
        Storage::fake('local');
        $this->as('mara');
        foreach (['bath-p1', 'keeper-d1'] as $point) {
            $this->post('/jobs/lantern-house/point-steps', [
                'point' => $point, 'step' => 'photographed', 'picture' => UploadedFile::fake()->image('a.jpg', 1900, 800),
            ])->assertSessionHasNoErrors();
        }
        $file = app(Exporter::class)->export($this->siteJob());
        $pictures = array_values(array_filter(array_column($file['pointSteps'], 'picture')));
        self::assertCount(2, $pictures);
        self::assertSame([1600, 674], array_slice((array) getimagesizefromstring((string) base64_decode($pictures[0], true)), 0, 2));

        $file['job']['key'] = 'copy';
        $copy = app(Importer::class)->import(JobFile::parse((string) json_encode($file)));
        $path = (string) $copy->pointSteps()->where('point', 'bath-p1')->whereNotNull('picture')->sole()->picture;
        self::assertStringStartsWith("points/{$copy->id}/", $path);
        Storage::disk('local')->assertExists($path);

        // Room for one: the photograph of the last step made goes first.
        $steps = (new PointSteps(strlen($pictures[1]) + 1))->write($this->siteJob());
        $left = array_values(array_filter($steps, static fn (array $step): bool => $step['pictureLeftOut'] ?? false));
        self::assertCount(1, $left);
        self::assertCount(1, array_filter(array_column($steps, 'picture')));

        foreach ($file['pointSteps'] as $number => $step) {
            $file['pointSteps'][$number]['picture'] = 'bm8gcGljdHVyZQ==';
        }
        $this->post('/job-files', ['file' => $this->upload((string) json_encode($file)), 'again' => 1])->assertSessionHasErrors([
            'file' => 'This is no JPEG or PNG picture in base 64. It stands at $.pointSteps[0].picture. Nothing was changed.',
        ]);
        $file['pointSteps'][0]['picture'] = $pictures[0];
        $kept = Storage::disk('local')->allFiles('points');
        $this->post('/job-files', ['file' => $this->upload((string) json_encode($file)), 'again' => 1])->assertSessionHasErrors('file');
        self::assertSame($kept, Storage::disk('local')->allFiles('points'), 'a picture that was read before the broken one is not left');
    }

    public function test_demo_dates_are_shifted_by_whole_days_to_today(): void
    {
        $this->as('mara');
        $job = $this->siteJob();

        self::assertTrue($job->as_of->isToday() || $job->as_of->isYesterday());
        foreach (['nodes' => 'joined_at', 'proofResults' => 'at', 'logEntries' => 'at', 'snags' => 'raised_at'] as $part => $time) {
            self::assertFalse($job->{$part}()->where($time, '>', now())->exists(), "no time of the {$part} lies in the future");
        }
        self::assertSame(7, (int) $job->as_of->diffInDays($job->questions()->firstOrFail()->due_on));
        self::assertSame('09:09:00', $job->nodes()->orderBy('id')->firstOrFail()->joined_at?->format('H:i:s'));
    }

    public function test_a_lead_imports_a_job_with_its_forecasts(): void
    {
        $this->as('mara')
            ->post('/job-files', ['file' => $this->upload($this->demo('calico-court')), 'again' => 1])
            ->assertRedirect('/jobs/calico-court-2');
        $job = $this->siteJob('calico-court-2');

        self::assertSame(8, $job->forecasts()->count());
        self::assertTrue($job->logEntries()->where('text', 'Made this job from a job file.')->exists());
    }

    public function test_a_broken_file_says_where_and_changes_nothing(): void
    {
        $data = json_decode((string) file_get_contents(database_path('demo/calico-court.json')), true);
        $data['slots'][3]['room'] = 'cellar';
        $before = $this->fingerprint();
        $this->as('mara')
            ->from('/jobs')
            ->followingRedirects()
            ->post('/job-files', ['file' => $this->upload((string) json_encode($data)), 'again' => 1])
            ->assertSee('There is nothing with the id “cellar”. It stands at $.slots[3].room. Nothing was changed.');

        self::assertSame($before, $this->fingerprint());
    }

    /** What is accepted can be opened, exported, taken in again and deleted; what is not is refused with its path. */
    public function test_whatever_stands_in_a_file_is_refused_or_can_be_worked_with(): void
    {
        $this->as('mara');
        $data = json_decode((string) file_get_contents(database_path('demo/hollin-barn.json')), true);
        $values = [null, 'Ünlaut ÷ “quoted”', 0, 65_000, -100, [], str_repeat('ß', 250), '7', 0.001, 'a-b', true];
        $worked = 0;
        foreach ($this->leaves($data) as $number => $path) {
            if ($number % 3 !== 0) {
                continue;
            }
            $changed = $data;
            data_set($changed, $path, $values[$number % count($values)]);
            try {
                $job = app(Importer::class)->import(JobFile::parse((string) json_encode($changed)));
            } catch (InvalidInput|ImportRefused $refused) {
                continue;
            }
            $worked++;
            JobFile::parse((string) json_encode(app(Exporter::class)->export($job)));
            foreach (['survey', 'fit', 'pair', 'name', 'mesh', 'bridge', 'hand-over'] as $page) {
                $this->get("/jobs/{$job->key}/{$page}")->assertOk();
            }
            $this->put("/jobs/{$job->key}/archive")->assertRedirect();
            $this->delete("/jobs/{$job->key}", ['written' => $job->name])->assertRedirect('/jobs');
            self::assertNull($job->fresh(), $path);
        }

        self::assertGreaterThan(20, $worked);
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return list<string> dotted
     */
    private function leaves(array $data): array
    {
        return array_map(strval(...), array_keys(Arr::dot($data)));
    }

    public function test_the_stand_in_house_is_one_company_s_whoever_asks_for_it(): void
    {
        $house = JobFile::parse((string) file_get_contents(database_path('demo/lantern-house.json')));
        $this->as('sol');
        Gateway::query()->withoutGlobalScopes()->update(['url' => null, 'token' => null]);
        $theirs = app(Importer::class)->import($house);
        self::assertNull($theirs->gateways()->value('url'), 'another company gets its own hub, without a link');
        self::assertNull($theirs->gateways()->value('token'));

        $this->as('mara');
        self::assertSame(config('kavvel.standin.url'), app(Importer::class)->import($house)->gateways()->value('url'));
        self::assertNull(app(Importer::class)->import($house)->gateways()->value('url'), 'and one job of ours');
    }

    public function test_no_file_is_asked_for_in_words(): void
    {
        $this->as('mara')->from('/jobs')->followingRedirects()->post('/job-files')->assertSee('Choose a job file first.');
    }

    /**
     * @param  array<string, mixed>  $file
     * @return array<string, mixed>
     */
    private function withoutLinks(array $file): array
    {
        foreach (['gateways', 'ecosystems', 'boxes'] as $section) {
            $file[$section] = array_map(static fn (array $one): array => [...$one, 'link' => null], $file[$section] ?? []);
        }

        return $file;
    }

    private function demo(string $key): string
    {
        return (string) file_get_contents(database_path("demo/{$key}.json"));
    }

    private function upload(string $json): UploadedFile
    {
        return UploadedFile::fake()->createWithContent('job.json', $json);
    }

    /** @return array<string, int> */
    private function fingerprint(): array
    {
        $counts = [];
        foreach (['site_jobs', 'storeys', 'rooms', 'walls', 'slots', 'profiles', 'nodes', 'log_entries'] as $table) {
            $counts[$table] = DB::table($table)->count();
        }

        return $counts;
    }
}
