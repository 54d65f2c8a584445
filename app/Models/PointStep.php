<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Kavvel\Core\Closing\PointStep as Step;

/**
 * A step that was done to a point, by whom and when; with its picture, where it has one.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property string $point  its key
 * @property Step $step
 * @property string $by
 * @property Carbon $at
 * @property string|null $picture  where its file lies
 */
final class PointStep extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'point_steps';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['step' => Step::class, 'at' => 'datetime'];
    }
}
