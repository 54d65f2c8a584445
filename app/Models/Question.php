<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Something only another person can answer, with a deadline.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $lock_version
 * @property string $key
 * @property string $text
 * @property string $owner
 * @property string $otherwise
 * @property string|null $answer
 * @property Carbon $due_on
 * @property Carbon|null $answered_at
 */
final class Question extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'questions';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['due_on' => 'date', 'answered_at' => 'datetime'];
    }
}
