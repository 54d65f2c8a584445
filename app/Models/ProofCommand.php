<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A command sent to prove the hub rung; the gateway’s answer settles it.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $slot_id
 * @property int|null $user_id
 * @property string $reference
 * @property string|null $refused why the hub could not be told
 * @property Carbon $asked_at
 * @property-read Slot $slot
 */
final class ProofCommand extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'proof_commands';

    protected $guarded = [];

    /** @return BelongsTo<Slot, $this> */
    public function slot(): BelongsTo
    {
        return $this->belongsTo(Slot::class);
    }

    protected function casts(): array
    {
        return ['asked_at' => 'datetime'];
    }
}
