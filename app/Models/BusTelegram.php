<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Kavvel\Core\Bus\GroupAddress;
use Kavvel\Core\Bus\Said;

/**
 * The last telegram at an address of the wired bus.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int|null $join_window_id in which it was heard
 * @property int $number
 * @property string $address
 * @property string|null $said_by the device, by its own address; null: our hub
 * @property string $value
 * @property Carbon $at by the clock of the hub
 * @property Carbon|null $followed_until when it was listened to no longer, where the window is not here: it came with a file
 * @property Carbon|null $due_at by when its state is told, or silence is news
 * @property-read JoinWindow|null $joinWindow
 */
final class BusTelegram extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    /** The clock of a hub is known to two seconds only */
    private const SLACK_SECONDS = 3;

    protected $table = 'bus_telegrams';

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    public static function keep(JoinWindow $window, GroupAddress $address, ?string $saidBy, string $value, Carbon $at): void
    {
        $what = BusAddress::query()->where('site_job_id', $window->site_job_id)->where('number', $address->number)->first()?->function;
        $due = $what?->toldBy() === null ? null : now()->addMilliseconds($what->isToldWithinMs())->addSeconds(self::SLACK_SECONDS);
        self::query()->updateOrCreate(['site_job_id' => $window->site_job_id, 'number' => $address->number], [
            'join_window_id' => $window->id, 'address' => $address->text, 'said_by' => $saidBy, 'value' => $value, 'at' => $at,
            'due_at' => $due,
        ]);
    }

    public function said(): Said
    {
        $window = $this->joinWindow;
        $isFollowed = $window !== null && in_array($window->state, JoinWindow::UNDER_WAY, true);
        $until = $isFollowed ? null : ($window->ended_at ?? $this->followed_until ?? $this->at)->getTimestampMs();

        return new Said($this->value, $this->said_by, $this->at->getTimestampMs(), $until);
    }

    /** @return BelongsTo<JoinWindow, $this> */
    public function joinWindow(): BelongsTo
    {
        return $this->belongsTo(JoinWindow::class);
    }

    protected function casts(): array
    {
        return ['at' => 'datetime', 'followed_until' => 'datetime', 'due_at' => 'datetime'];
    }
}
