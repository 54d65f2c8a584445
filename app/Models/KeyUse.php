<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Kavvel\Core\Circuits\Grip;
use Kavvel\Core\Circuits\KeyEffect;
use Kavvel\Core\Circuits\Press;
use Kavvel\Core\Circuits\Way;

/**
 * What a key of a control does to a circuit.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $circuit_id
 * @property int $number
 * @property string $control  "point …" or "slot …", with its key
 * @property string $room  key of the room whose light it switches; "": all of the circuit
 * @property Press $press
 * @property KeyEffect $effect
 * @property Way $way
 * @property-read Circuit $circuit
 */
final class KeyUse extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'key_uses';

    protected $guarded = [];

    /** @return BelongsTo<Circuit, $this> */
    public function circuit(): BelongsTo
    {
        return $this->belongsTo(Circuit::class);
    }

    public function core(): Grip
    {
        return new Grip($this->control, $this->number, $this->press, $this->circuit->key, $this->effect, $this->way, $this->room ?: null);
    }

    protected function casts(): array
    {
        return ['press' => Press::class, 'effect' => KeyEffect::class, 'way' => Way::class];
    }
}
