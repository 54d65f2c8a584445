<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Tenancy\CurrentCompany;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/** Only the current company's records are seen, and new ones belong to it. */
trait BelongsToCompany
{
    use BootsByName;

    public static function bootBelongsToCompany(): void
    {
        static::addGlobalScope('company', static function (Builder $query): void {
            $query->where($query->qualifyColumn('company_id'), app(CurrentCompany::class)->id());
        });
        static::creating(static function (Model $model): void {
            $model->setAttribute('company_id', app(CurrentCompany::class)->id());
        });
    }
}
