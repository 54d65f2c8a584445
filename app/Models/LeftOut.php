<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;

/**
 * A device that wants ask for, and that the client does without.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property string $demand  room, function and place, as the core calls it
 */
final class LeftOut extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'left_out';

    protected $guarded = [];
}
