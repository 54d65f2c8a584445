<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\AnswersOverALink;
use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Kavvel\Core\Bridging\ShownDevice;
use Kavvel\Core\Input\Input;

/**
 * A platform from which the client uses devices, or wants to.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $bridge_sheet_id
 * @property int $lock_version
 * @property string $key
 * @property string $name
 * @property string|null $matter_release as it was found; null: as its sheet says
 * @property string|null $account_of whose account it is
 * @property string $note
 * @property string|null $url where its link answers; null: what it shows is noted by hand
 * @property string|null $token
 * @property Carbon|null $asked_at since when an answer is waited for
 * @property Carbon|null $read_at
 * @property string|null $read_refused why the last reading came to nothing
 * @property list<array<string, mixed>>|null $shown as it was read last
 * @property string|null $read_account who is signed in there
 * @property-read BridgeSheet $sheet
 */
final class Ecosystem extends Model
{
    use AnswersOverALink;
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'ecosystems';

    protected $guarded = [];

    /** @return BelongsTo<BridgeSheet, $this> */
    public function sheet(): BelongsTo
    {
        return $this->belongsTo(BridgeSheet::class, 'bridge_sheet_id');
    }

    /** @return list<ShownDevice> what it was read to show last */
    public function shownDevices(): array
    {
        return ShownDevice::all(Input::of($this->shown ?? []));
    }

    protected function casts(): array
    {
        return ['token' => 'encrypted', 'shown' => 'array', 'asked_at' => 'datetime', 'read_at' => 'datetime'];
    }
}
