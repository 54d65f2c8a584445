<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\JobFiles\Importer;
use App\Models\Company;
use App\Models\Credential;
use App\Models\SiteJob;
use App\Models\User;
use App\Radio\Forecasts;
use App\Tenancy\CurrentCompany;
use Illuminate\Database\Seeder;
use Kavvel\Core\JobFile\JobFile;

/** The invented company, its people, its four jobs, and a second company that must never see them. */
final class DemoSeeder extends Seeder
{
    public const PASSWORD = 'lantern-house';

    private const JOBS = ['lantern-house', 'calico-court', 'hollin-barn', 'weir-cottage'];

    public function run(CurrentCompany $current, Importer $importer, Forecasts $forecasts): void
    {
        $company = Company::query()->create([
            'name' => 'Tarn & Thistle Installations', 'phone' => '+00 555 0142', 'email' => 'bench@tarn-thistle.example',
            'has_standin' => true,
        ]);
        foreach ([
            ['Mara Lindqvist', 'mara', 'lead'],
            ['Idris Vane', 'idris', 'technician'],
            ['Wren Abara', 'wren', 'office'],
        ] as [$name, $mail, $role]) {
            User::query()->create([
                'company_id' => $company->id, 'name' => $name, 'email' => "{$mail}@tarn-thistle.example", 'password' => self::PASSWORD,
                'role' => $role,
            ]);
        }
        $other = Company::query()->create(['name' => 'Quill & Barrow Electrical']);
        User::query()->create([
            'company_id' => $other->id, 'name' => 'Sol Emberly', 'email' => 'sol@quill-barrow.example', 'password' => self::PASSWORD,
            'role' => 'lead',
        ]);

        $current->during($company->id, function () use ($importer, $forecasts): void {
            foreach (self::JOBS as $key) {
                $job = $importer->import(JobFile::parse((string) file_get_contents(database_path("demo/{$key}.json"))), asOfToday: true);
                $forecasts->refresh($job);
            }
            $this->credentials();
        });
    }

    /** Codes never travel in a job file; these are made up here. */
    private function credentials(): void
    {
        $job = SiteJob::query()->where('key', 'lantern-house')->firstOrFail();
        $slot = $job->slots()->where('key', 'front-lock')->firstOrFail();
        Credential::query()
            ->create(['site_job_id' => $job->id, 'slot_id' => $slot->id, 'kind' => 'DSK', 'label' => 'Lock, sticker inside the cover',
                'secret' => '30412-05573-61002-18744-00921-47150-33208-59016']);
    }
}
