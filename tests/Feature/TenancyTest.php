<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Company;
use App\Models\Pack;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Tenancy\CurrentCompany;
use App\Tenancy\NoCurrentCompany;
use RuntimeException;
use Tests\AddressesOfTheJob;
use Tests\TestCase;

final class TenancyTest extends TestCase
{
    use AddressesOfTheJob;

    public function test_a_user_of_another_company_finds_nothing_at_any_address_of_a_job(): void
    {
        $this->as('mara');
        $addresses = $this->addressesOfTheJob();
        $this->as('sol');

        self::assertGreaterThan(30, count($addresses));
        foreach ($addresses as [$method, $url]) {
            self::assertSame(404, $this->call($method, $url)->getStatusCode(), "{$method} {$url}");
        }
        self::assertSame(0, SiteJob::query()->count());
    }

    public function test_a_technician_who_is_not_on_the_job_finds_nothing_either(): void
    {
        $this->as('mara');
        $this->siteJob()->users()->detach($this->user('idris')->id);
        $addresses = $this->addressesOfTheJob();
        $this->as('idris');

        foreach ($addresses as [$method, $url]) {
            self::assertSame(404, $this->call($method, $url)->getStatusCode(), "{$method} {$url}");
        }
        $this->get('/jobs')->assertDontSee('Lantern House');
    }

    public function test_without_sign_in_every_address_leads_to_it(): void
    {
        $this->as('mara');
        $addresses = $this->addressesOfTheJob();
        auth()->logout();

        foreach ($addresses as [$method, $url]) {
            $this->call($method, $url)->assertRedirect('/sign-in');
        }
    }

    public function test_nothing_is_read_before_a_company_is_chosen(): void
    {
        app(CurrentCompany::class)->leave();

        $this->expectException(NoCurrentCompany::class);
        Slot::query()->count();
    }

    public function test_nothing_is_written_before_a_company_is_chosen(): void
    {
        app(CurrentCompany::class)->leave();

        $this->expectException(NoCurrentCompany::class);
        Pack::query()->create(['site_job_id' => 1, 'number' => 1, 'state' => 'asked', 'asked_at' => now()]);
    }

    public function test_work_for_one_company_leaves_the_current_one_as_it_was(): void
    {
        $current = app(CurrentCompany::class);
        $ours = Company::query()->orderBy('id')->firstOrFail();
        $theirs = Company::query()->orderByDesc('id')->firstOrFail();
        $current->enter($ours->id);
        try {
            $current->during($theirs->id, static function (): never {
                self::assertSame(0, SiteJob::query()->count());
                throw new RuntimeException('it fails halfway');
            });
        } catch (RuntimeException) {
        }

        self::assertSame(4, SiteJob::query()->count());
    }
}
