<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A level of the building; elevation is the height of its floor above the ground floor, in metres.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $level
 * @property string $key
 * @property string $name
 * @property float $elevation
 * @property float $height
 * @property array<array-key, mixed> $outline
 * @property array<array-key, mixed> $floor_layers
 * @property array<array-key, mixed>|null $outer_layers
 * @property array<array-key, mixed>|null $inner_layers
 */
final class Storey extends Model
{
    use BelongsToJob;
    use SoftDeletes;

    public $timestamps = false;

    protected $table = 'storeys';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['outline' => 'array', 'floor_layers' => 'array', 'outer_layers' => 'array', 'inner_layers' => 'array'];
    }
}
