<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCompany;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A measured link between two addresses, in dB.
 *
 * @property int $id
 * @property int $mesh_reading_id
 * @property string $a
 * @property string $b
 * @property float $margin_db
 * @property float|null $margin_back_db
 * @property-read MeshReading $reading
 */
final class RadioLink extends Model
{
    use BelongsToCompany;

    public $timestamps = false;

    protected $table = 'radio_links';

    protected $guarded = [];

    /** @return BelongsTo<MeshReading, $this> */
    public function reading(): BelongsTo
    {
        return $this->belongsTo(MeshReading::class, 'mesh_reading_id');
    }
}
