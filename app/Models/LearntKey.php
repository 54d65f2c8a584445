<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Kavvel\Core\Pairing\LearnAct;
use Kavvel\Core\Pairing\LearnKey;

/**
 * A key of a remote that a sender is taught.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $slot_id
 * @property string $name
 * @property bool $toggles
 * @property bool $is_learnt
 * @property bool|null $works
 * @property string|null $signal what its remote sends, as the hub writes it down
 * @property string|null $sent_reference of the last time that a hub was told to send it
 * @property Carbon|null $sent_at when the hub had sent it; null: it has not, since the key was changed last
 * @property string|null $send_refused why it did not
 * @property string|null $by
 * @property Carbon|null $at
 * @property-read Slot $slot
 */
final class LearntKey extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'learnt_keys';

    protected $guarded = [];

    public function core(): LearnKey
    {
        return LearnKey::of($this->name, $this->toggles, $this->is_learnt, $this->works);
    }

    /** What an act makes of it; what was sent before counts no more. */
    public function take(LearnAct $act, string $by, ?string $signal = null): void
    {
        $after = $this->core()->after($act);
        $this->update([
            'is_learnt' => $after->isLearnt, 'works' => $after->works, 'by' => $by, 'at' => now(),
            'signal' => $after->isLearnt ? $signal ?? $this->signal : null, 'sent_reference' => null, 'sent_at' => null,
            'send_refused' => null,
        ]);
    }

    /** @return BelongsTo<Slot, $this> */
    public function slot(): BelongsTo
    {
        return $this->belongsTo(Slot::class);
    }

    protected function casts(): array
    {
        return ['toggles' => 'boolean', 'is_learnt' => 'boolean', 'works' => 'boolean', 'at' => 'datetime', 'sent_at' => 'datetime'];
    }
}
