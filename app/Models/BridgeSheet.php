<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCompany;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Arr;
use Kavvel\Core\Bridging\BoxSheet;
use Kavvel\Core\Bridging\EcosystemSheet;
use Kavvel\Core\Bridging\SheetKind;
use Kavvel\Core\Input\Input;

/**
 * A catalogue entry of an ecosystem, or of a box on the way there, kept as the core reads it.
 *
 * @property int $id
 * @property int $company_id
 * @property SheetKind $kind
 * @property string $key
 * @property array<array-key, mixed> $data
 * @property int $lock_version
 * @property string|null $changed_by
 */
final class BridgeSheet extends Model
{
    use BelongsToCompany;

    public $timestamps = false;

    protected $table = 'bridge_sheets';

    protected $guarded = [];

    public function ecosystem(): EcosystemSheet
    {
        return EcosystemSheet::fromInput(Input::of($this->data));
    }

    public function box(): BoxSheet
    {
        return BoxSheet::fromInput(Input::of($this->data));
    }

    /** @return array<array-key, mixed> as it stands in a file */
    public function written(): array
    {
        return ['of' => $this->kind->value, ...$this->data];
    }

    /** @param array<array-key, mixed> $data as it stands in a file */
    public function put(array $data, ?string $by): void
    {
        $this->fill([
            'data' => Arr::except($data, ['of']), 'changed_by' => $by, 'lock_version' => $this->exists ? $this->lock_version + 1 : 1,
        ])->save();
        $this->touchJobs();
    }

    /** Every page that is drawn by it is old. */
    public function touchJobs(): void
    {
        SiteJob::query()->withoutGlobalScopes()->where('company_id', $this->company_id)->increment('live_version');
    }

    public function name(): string
    {
        return (string) $this->data['name'];
    }

    protected function casts(): array
    {
        return ['data' => 'array', 'kind' => SheetKind::class];
    }
}
