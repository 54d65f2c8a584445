<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Kavvel\Core\Protocol\Protocol;

/**
 * Changes to a mesh that were tried together and are kept, to be compared with others and made work.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property string $key
 * @property Protocol $protocol
 * @property string $changes  as an address carries them: "off:rack-plug relay:pantry-p1"
 * @property string $by
 * @property Carbon $at
 * @property array{accepted: int, thin: int, lost: int}|null $promised  when it became work
 * @property Carbon|null $worked_at when it became work
 */
final class MeshProposal extends Model
{
    use BelongsToJob;

    /** As many as stand side by side */
    public const MOST = 4;

    public $timestamps = false;

    protected $table = 'mesh_proposals';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['protocol' => Protocol::class, 'promised' => 'array', 'at' => 'datetime', 'worked_at' => 'datetime'];
    }
}
