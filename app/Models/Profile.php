<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCompany;
use Illuminate\Database\Eloquent\Model;
use Kavvel\Core\Catalogue\Profile as CoreProfile;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Protocol\Region;

/**
 * A catalogue entry, kept as the core reads it.
 *
 * @property int $id
 * @property int $company_id
 * @property string $key
 * @property array<array-key, mixed> $data
 * @property int $lock_version
 * @property string|null $changed_by
 */
final class Profile extends Model
{
    use BelongsToCompany;

    protected $table = 'profiles';

    protected $guarded = [];

    public function core(Region $region): CoreProfile
    {
        return CoreProfile::fromInput(Input::of($this->data), $region);
    }

    /** It was changed past the model: whoever follows saved entries is told. */
    public function fireChanged(): void
    {
        $this->fireModelEvent('saved', false);
    }

    public function protocol(): Protocol
    {
        return Protocol::from((string) ($this->data['protocol'] ?? ''));
    }

    protected function casts(): array
    {
        return ['data' => 'array'];
    }
}
