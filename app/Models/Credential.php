<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A code or key, encrypted at rest; showing one is logged.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int|null $slot_id
 * @property string $kind
 * @property string $label
 * @property string $secret
 * @property-read Slot|null $slot
 */
final class Credential extends Model
{
    use BelongsToJob;

    protected $table = 'credentials';

    protected $guarded = [];

    /** @return BelongsTo<Slot, $this> */
    public function slot(): BelongsTo
    {
        return $this->belongsTo(Slot::class);
    }

    protected function casts(): array
    {
        return ['secret' => 'encrypted'];
    }
}
