<?php

declare(strict_types=1);

namespace App\JobSheet;

use App\Models\Profile;
use App\Models\SiteJob;
use App\Tenancy\CurrentCompany;
use Illuminate\Support\Facades\Cache;
use Kavvel\Core\Catalogue\Profile as CoreProfile;
use Kavvel\Core\Protocol\Region;

/** The company's profiles as the core reads them, by id. Every page needs them, hardly anything changes them. */
final readonly class Catalogue
{
    /** @return array<int, CoreProfile> */
    public static function of(Region $region): array
    {
        return Cache::rememberForever(
            self::key(app(CurrentCompany::class)->id(), $region),
            static fn (): array => Profile::query()->get()
                ->mapWithKeys(static fn (Profile $profile): array => [$profile->id => $profile->core($region)])->all(),
        );
    }

    /** A profile was changed: every page that shows one is old. */
    public static function forget(int $companyId): void
    {
        SiteJob::query()->withoutGlobalScopes()->where('company_id', $companyId)->increment('live_version');
        foreach (Region::cases() as $region) {
            Cache::forget(self::key($companyId, $region));
        }
    }

    private static function key(int $companyId, Region $region): string
    {
        return "catalogue.{$companyId}.{$region->value}";
    }
}
