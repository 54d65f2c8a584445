<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A device in a slot, from when to when, and why it went.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $slot_id
 * @property int|null $node_id
 * @property string $address
 * @property string|null $model
 * @property Carbon $since
 * @property Carbon|null $until null: it is there
 * @property string|null $because
 * @property string|null $replaced reason for which it was replaced; null: it went otherwise
 * @property list<string>|null $shown rungs that it had shown then
 * @property int $hanging_on devices that reached the hub through it then
 */
final class Stay extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'stays';

    protected $guarded = [];

    public static function begin(Slot $slot, Node $node, ?Carbon $since = null): void
    {
        self::query()->create([
            'site_job_id' => $slot->site_job_id, 'slot_id' => $slot->id, 'node_id' => $node->id, 'address' => $node->address,
            'model' => $node->model, 'since' => $since ?? now(),
        ]);
    }

    public static function end(Slot $slot, string $because): void
    {
        self::of($slot)->whereNull('until')->update(['until' => now(), 'because' => mb_strimwidth($because, 0, 250, '…')]);
    }

    /** @return Builder<self> */
    public static function of(Slot $slot): Builder
    {
        return self::query()->where('slot_id', $slot->id);
    }

    /** @return BelongsTo<Node, $this> */
    public function node(): BelongsTo
    {
        return $this->belongsTo(Node::class);
    }

    protected function casts(): array
    {
        return ['since' => 'datetime', 'until' => 'datetime', 'shown' => 'array'];
    }
}
