<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\AnswersOverALink;
use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A box or a service on the way into an ecosystem: there already, or to be weighed. One may be a hub of the job.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $bridge_sheet_id
 * @property int|null $gateway_id
 * @property int $lock_version
 * @property string $key
 * @property string $name
 * @property bool $is_owned
 * @property string|null $firmware
 * @property string|null $segment of the network that it is in
 * @property string|null $address in it
 * @property bool $is_reserved the router always gives it this address
 * @property string|null $matter_release as it was found; null: as its sheet says
 * @property string $note
 * @property string|null $url where its link answers; null: what it shows is noted by hand
 * @property string|null $token
 * @property Carbon|null $asked_at since when an answer is waited for
 * @property Carbon|null $read_at
 * @property string|null $read_refused why the last reading came to nothing
 * @property-read BridgeSheet $sheet
 * @property-read Gateway|null $gateway
 */
final class BridgeBox extends Model
{
    use AnswersOverALink;
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'bridge_boxes';

    protected $guarded = [];

    /** @return BelongsTo<BridgeSheet, $this> */
    public function sheet(): BelongsTo
    {
        return $this->belongsTo(BridgeSheet::class, 'bridge_sheet_id');
    }

    /** @return BelongsTo<Gateway, $this> */
    public function gateway(): BelongsTo
    {
        return $this->belongsTo(Gateway::class);
    }

    protected function casts(): array
    {
        return [
            'is_owned' => 'boolean', 'is_reserved' => 'boolean', 'token' => 'encrypted', 'asked_at' => 'datetime',
            'read_at' => 'datetime',
        ];
    }
}
