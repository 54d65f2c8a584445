<?php

declare(strict_types=1);

namespace App\JobSheet;

use App\Models\Profile;
use App\Models\SiteJob;
use App\Tenancy\Committed;
use App\Tenancy\CurrentCompany;
use Illuminate\Support\Facades\DB;
use Kavvel\Core\Catalogue\Profile as CoreProfile;
use Kavvel\Core\Protocol\Region;

/** The company's profiles as the core reads them, by id. Every page needs them, hardly anything changes them. */
final readonly class Catalogue
{
    /** @return array<int, CoreProfile> */
    public static function of(Region $region): array
    {
        $company = app(CurrentCompany::class)->id();
        $version = (int) DB::table('companies')->where('id', $company)->value('catalogue_version');

        return Committed::rememberForever("catalogue.{$company}.{$version}.{$region->value}", static fn (): array => Profile::query()
            ->orderBy('id')
            ->get()
            ->mapWithKeys(static fn (Profile $profile): array => [$profile->id => $profile->core($region)])
            ->all());
    }

    /** A profile is changed, in this very transaction: the next version, and every page that shows one is old. */
    public static function changed(int $companyId): void
    {
        DB::table('companies')->where('id', $companyId)->increment('catalogue_version');
        SiteJob::query()->withoutGlobalScopes()->where('company_id', $companyId)->increment('live_version');
    }
}
