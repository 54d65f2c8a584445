<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;

/**
 * A way for cables: a duct along a storey, or a riser up through storeys.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property string $key
 * @property string $name
 * @property array<array-key, mixed> $path
 */
final class Duct extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'ducts';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['path' => 'array'];
    }
}
