<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Kavvel\Core\Bus\BusFunction;
use Kavvel\Core\Bus\GroupAddress;
use Kavvel\Core\Bus\GroupEntry;

/**
 * An address of the wired bus, as its project names it.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int|null $slot_id the device that its control point is
 * @property string $address
 * @property int $number
 * @property string $name
 * @property string $point
 * @property BusFunction|null $function
 * @property string|null $sent_reference of what a hub was told to say there, and has not said yet
 * @property string|null $sent_value
 * @property string|null $send_refused why it did not
 * @property-read Slot|null $slot
 */
final class BusAddress extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'bus_addresses';

    protected $guarded = [];

    public function entry(): ?GroupEntry
    {
        $address = GroupAddress::of($this->address);

        return $address === null ? null : new GroupEntry($address, $this->name, $this->point, $this->function);
    }

    /** @return BelongsTo<Slot, $this> */
    public function slot(): BelongsTo
    {
        return $this->belongsTo(Slot::class);
    }

    protected function casts(): array
    {
        return ['function' => BusFunction::class];
    }
}
