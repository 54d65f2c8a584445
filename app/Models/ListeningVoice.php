<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What a device said in one round while somebody listened.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $listening_id
 * @property int $node_id
 * @property int $round
 * @property string $capability
 * @property string $value
 * @property Carbon $at
 * @property-read Node $node
 */
final class ListeningVoice extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'listening_voices';

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return BelongsTo<Node, $this> */
    public function node(): BelongsTo
    {
        return $this->belongsTo(Node::class);
    }

    protected function casts(): array
    {
        return ['at' => 'datetime'];
    }
}
