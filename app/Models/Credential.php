<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Kavvel\Core\Codes\Code;
use Kavvel\Core\Codes\CodeFamily;
use Kavvel\Core\Codes\CodeKind;
use Kavvel\Core\Codes\Codes;

/**
 * A code or key, encrypted at rest; showing one is logged. Without a slot it waits in the tray.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int|null $slot_id
 * @property string $kind a kind of code, `secret`, or what somebody called it
 * @property string $label
 * @property string $secret
 * @property string|null $fingerprint equal for equal codes; null: a note that lets no device in
 * @property string|null $stored_by
 * @property string|null $stale_because
 * @property Carbon|null $stale_at it opens nothing since then
 * @property int|null $gateway_id of the hub that it opens; null: it is a device's, or waits in the tray
 * @property-read Slot|null $slot
 */
final class Credential extends Model
{
    use BelongsToJob;

    protected $table = 'credentials';

    protected $guarded = [];

    /** The code as the core reads it; only of one that was read before. */
    public function code(): Code
    {
        return Codes::read($this->secret, CodeKind::from($this->kind))[0];
    }

    public function isOwnKey(): bool
    {
        return $this->kind === CodeFamily::OwnKey->value;
    }

    /** "Matter QR code" */
    public function title(): string
    {
        return CodeKind::tryFrom($this->kind)?->title() ?? ($this->label !== '' ? $this->label : 'Key');
    }

    /** As a person reads it off: in groups, where it has any. */
    public function shown(): string
    {
        return CodeKind::tryFrom($this->kind) === null ? $this->secret : $this->code()->shown();
    }

    /** A device can be let in with it: a note is no code, and one that is stale opens nothing. */
    public function opens(): bool
    {
        return $this->fingerprint !== null && $this->stale_at === null;
    }

    /** @param Builder<Credential> $query */
    public function scopeOpening(Builder $query): void
    {
        $query->whereNotNull('fingerprint')->whereNull('stale_at');
    }

    /** @return BelongsTo<Slot, $this> */
    public function slot(): BelongsTo
    {
        return $this->belongsTo(Slot::class);
    }

    protected function casts(): array
    {
        return ['secret' => 'encrypted', 'stale_at' => 'datetime'];
    }
}
