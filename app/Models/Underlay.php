<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A photograph or scan that lies under the plan of a storey: its upper left corner and its scale, in metres.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $storey_id
 * @property string $path
 * @property int $width
 * @property int $height
 * @property float $x
 * @property float $y
 * @property float $metres_per_pixel
 * @property-read Storey $storey
 */
final class Underlay extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'underlays';

    protected $guarded = [];

    /** @return BelongsTo<Storey, $this> */
    public function storey(): BelongsTo
    {
        return $this->belongsTo(Storey::class);
    }
}
