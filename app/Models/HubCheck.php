<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Kavvel\Core\Pairing\HubCheck as Item;

/**
 * A point of a hub's sheet that is done, or waived by somebody.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $gateway_id
 * @property Item $item
 * @property bool $is_waived
 * @property string|null $note
 * @property array<string, mixed>|null $facts what is known of the network, where that was asked
 * @property string $by
 * @property Carbon $at
 * @property-read Gateway $gateway
 */
final class HubCheck extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'hub_checks';

    protected $guarded = [];

    /** @return BelongsTo<Gateway, $this> */
    public function gateway(): BelongsTo
    {
        return $this->belongsTo(Gateway::class);
    }

    protected function casts(): array
    {
        return ['item' => Item::class, 'is_waived' => 'boolean', 'facts' => 'array', 'at' => 'datetime'];
    }
}
