<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Kavvel\Core\Proving\Outcome;
use Kavvel\Core\Proving\Rung;

/**
 * What was shown of a slot on one rung of its ladder.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $slot_id
 * @property int|null $node_id
 * @property int|null $user_id
 * @property string|null $reason
 * @property Rung $rung
 * @property string|null $ecosystem_key of the ecosystem that the rung is of
 * @property Outcome $outcome
 * @property string|null $withdrawn_by
 * @property string|null $withdrawn_because
 * @property Carbon $at
 * @property Carbon|null $withdrawn_at
 * @property-read User|null $user
 * @property-read Node|null $node
 * @property-read Slot $slot
 */
final class ProofResult extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'proof_results';

    protected $guarded = [];

    /** @return BelongsTo<Slot, $this> */
    public function slot(): BelongsTo
    {
        return $this->belongsTo(Slot::class);
    }

    /** @return BelongsTo<Node, $this> */
    public function node(): BelongsTo
    {
        return $this->belongsTo(Node::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    protected function casts(): array
    {
        return ['rung' => Rung::class, 'outcome' => Outcome::class, 'at' => 'datetime', 'withdrawn_at' => 'datetime'];
    }
}
