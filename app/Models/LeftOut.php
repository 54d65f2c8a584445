<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;

/**
 * What a client does without: a device that wants ask for, or a switch at a door.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property string $demand  room, function and place, as the core calls it
 */
final class LeftOut extends Model
{
    use BelongsToJob;

    /** Begins what is left out of the control of light */
    public const DARK = 'dark';

    public $timestamps = false;

    protected $table = 'left_out';

    protected $guarded = [];

    public static function dark(string $circuit, string $room, string $opening): string
    {
        return self::DARK." {$circuit} {$room} {$opening}";
    }
}
