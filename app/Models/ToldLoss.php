<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * The client knows that a want is not met: a device does not do in an ecosystem what was wanted of it there.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property string $slot_key
 * @property string $ecosystem_key
 * @property string $because as it was said
 * @property string $told_by
 * @property Carbon $told_at
 */
final class ToldLoss extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'told_losses';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['told_at' => 'datetime'];
    }
}
