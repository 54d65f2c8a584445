<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A platform from which the client uses devices, or wants to.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $bridge_sheet_id
 * @property int $lock_version
 * @property string $key
 * @property string $name
 * @property string|null $matter_release as it was found; null: as its sheet says
 * @property string|null $account_of whose account it is
 * @property string $note
 * @property-read BridgeSheet $sheet
 */
final class Ecosystem extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'ecosystems';

    protected $guarded = [];

    /** @return BelongsTo<BridgeSheet, $this> */
    public function sheet(): BelongsTo
    {
        return $this->belongsTo(BridgeSheet::class, 'bridge_sheet_id');
    }
}
