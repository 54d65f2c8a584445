<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $storey_id
 * @property string $key
 * @property string $label
 * @property float $height
 * @property array<array-key, mixed> $from
 * @property array<array-key, mixed> $to
 * @property array<array-key, mixed> $layers
 * @property array<array-key, mixed> $openings
 * @property-read Storey $storey
 */
final class Wall extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'walls';

    protected $guarded = [];

    /** @return BelongsTo<Storey, $this> */
    public function storey(): BelongsTo
    {
        return $this->belongsTo(Storey::class);
    }

    protected function casts(): array
    {
        return ['from' => 'array', 'to' => 'array', 'layers' => 'array', 'openings' => 'array'];
    }
}
