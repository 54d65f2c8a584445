<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Kavvel\Core\Bridging\EndBand;

/**
 * A device was driven to one of its ends, and what it said it was there.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $wrapper_id
 * @property int|null $node_id
 * @property bool $is_open
 * @property string|null $value null: it is on its way, or has not come there
 * @property string|null $reference of the command; null: somebody read it off
 * @property string|null $refused why it did not go
 * @property string $by
 * @property Carbon $at
 */
final class EndReading extends Model
{
    use BelongsToJob;

    /** The slowest drive needs less, in seconds */
    private const LONGEST = 90;

    public $timestamps = false;

    protected $guarded = [];

    public function isUnderWay(): bool
    {
        return $this->value === null && $this->refused === null && $this->at->diffInSeconds(now()) < self::LONGEST;
    }

    /** "closed, 4 %" */
    public function words(string $unit): string
    {
        return ($this->is_open ? 'open' : 'closed').', '.EndBand::text((float) $this->value)." {$unit}";
    }

    protected function casts(): array
    {
        return ['is_open' => 'boolean', 'at' => 'datetime'];
    }
}
