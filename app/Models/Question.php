<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Kavvel\Core\Questions\Question as CoreQuestion;
use Kavvel\Core\Questions\Source;

/**
 * Something only another person can answer, with a deadline: that of its closing, where it has one.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int|null $closing_id
 * @property int $lock_version
 * @property string $key
 * @property string $text
 * @property string $owner
 * @property string $trade
 * @property string $cost_effect
 * @property string $otherwise
 * @property string|null $about
 * @property string|null $answer
 * @property list<array{who: string, says: string}>|null $sources
 * @property Carbon $due_on
 * @property Carbon|null $answered_at
 * @property-read Closing|null $closing
 */
final class Question extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'questions';

    protected $guarded = [];

    /** @return BelongsTo<Closing, $this> */
    public function closing(): BelongsTo
    {
        return $this->belongsTo(Closing::class);
    }

    public function core(): CoreQuestion
    {
        return new CoreQuestion(
            $this->key,
            $this->text,
            $this->owner,
            $this->trade,
            $this->cost_effect,
            $this->otherwise,
            $this->due_on->toDateTimeImmutable(),
            $this->closing?->core(),
            array_map(static fn (array $one): Source => new Source($one['who'], $one['says']), $this->sources ?? []),
            $this->about,
            $this->answered_at === null ? null : (string) $this->answer,
        );
    }

    protected function casts(): array
    {
        return ['due_on' => 'date', 'answered_at' => 'datetime', 'sources' => 'array'];
    }
}
