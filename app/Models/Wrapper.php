<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Kavvel\Core\Bridging\EndBand;
use Kavvel\Core\Bridging\Threshold;
use Kavvel\Core\Bridging\Wrapping;

/**
 * Something that a hub makes of a device, so that a function of it shows where it is not known.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $slot_id
 * @property Wrapping $wrapping
 * @property string $box_key of the hub that makes it
 * @property list<string> $ecosystems keys of those that it is made for
 * @property string $default_value what it is before anybody has told it anything, or does when it is started
 * @property string|null $open_at from where it counts as open, as it was made
 * @property string|null $closed_at from where as closed
 * @property string|null $mark by which it is the same everywhere; null: not made, or made by hand
 * @property string|null $made_name as the hub was told to call it
 * @property int|null $node_id the node that it was made of
 * @property string|null $made_by
 * @property Carbon|null $made_at
 * @property Carbon|null $asked_at the hub was told to make it
 * @property string|null $ask_refused why it was not made
 * @property-read Slot $slot
 * @property-read Collection<int, EndReading> $readings
 */
final class Wrapper extends Model
{
    use BelongsToJob;

    /** A page waits for an answer so long, in seconds */
    private const PATIENCE = 30;

    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<Slot, $this> */
    public function slot(): BelongsTo
    {
        return $this->belongsTo(Slot::class);
    }

    /** @return HasMany<EndReading, $this> */
    public function readings(): HasMany
    {
        return $this->hasMany(EndReading::class)->orderBy('id');
    }

    /** Of the device that is in the slot now: another has ends of its own. */
    public function isMade(): bool
    {
        return $this->made_at !== null && $this->node_id === $this->slot->node_id;
    }

    public function isAsked(): bool
    {
        return $this->asked_at !== null && $this->asked_at->diffInSeconds(now()) < self::PATIENCE;
    }

    /** It was told, and no answer came. */
    public function isUnanswered(): bool
    {
        return $this->asked_at !== null && ! $this->isAsked();
    }

    /** @return list<float> what the device that is there now said it was at one end */
    public function saidAt(bool $isOpen): array
    {
        $said = $this->readings->filter(fn (EndReading $one): bool => $one->is_open === $isOpen && $one->value !== null
            && $one->node_id === $this->slot->node_id);

        return array_values($said->map(static fn (EndReading $one): float => (float) $one->value)->all());
    }

    public function band(bool $isOpen): ?EndBand
    {
        return EndBand::of($this->saidAt($isOpen));
    }

    /** "; measured 86 to 93 open, 0 to 4 closed on 30 Nov by Mara" */
    public function measuredWords(): string
    {
        [$open, $closed] = [$this->band(true), $this->band(false)];

        return $open === null || $closed === null ? '' : "; measured {$open->words()} open, {$closed->words()} closed"
            .($this->made_at === null ? '' : " on {$this->made_at->format('j M')} by {$this->made_by}");
    }

    /** As it was made. */
    public function threshold(): ?Threshold
    {
        return $this->open_at === null ? null : Threshold::of((float) $this->open_at, (float) $this->closed_at);
    }

    protected function casts(): array
    {
        return ['wrapping' => Wrapping::class, 'ecosystems' => 'array', 'made_at' => 'datetime', 'asked_at' => 'datetime'];
    }
}
