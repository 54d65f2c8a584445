<?php

declare(strict_types=1);

namespace App\Models;

use App\Tenancy\BelongsToCompany;
use Illuminate\Database\Eloquent\Model;

/**
 * A catalogue entry, kept as the core reads it.
 *
 * @property int $id
 * @property string $key
 * @property array<array-key, mixed> $data
 */
final class Profile extends Model
{
    use BelongsToCompany;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['data' => 'array'];
    }
}
