<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $storey_id
 * @property string $key
 * @property string $name
 * @property string $code
 * @property string $kind
 * @property array<array-key, mixed> $outline
 * @property float|null $height
 * @property-read Storey $storey
 */
final class Room extends Model
{
    use BelongsToJob;
    use SoftDeletes;

    public $timestamps = false;

    protected $table = 'rooms';

    protected $guarded = [];

    /** @return BelongsTo<Storey, $this> */
    public function storey(): BelongsTo
    {
        return $this->belongsTo(Storey::class);
    }

    protected function casts(): array
    {
        return ['outline' => 'array'];
    }
}
