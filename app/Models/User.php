<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property int $id
 * @property int $company_id
 * @property string $name
 * @property string $email
 * @property string $password
 * @property Role $role
 * @property bool $single_keys
 * @property int $session_era raised when all sessions of the user are ended
 */
final class User extends Authenticatable
{
    protected $table = 'users';

    protected $guarded = [];

    protected $hidden = ['password', 'remember_token'];

    /** What stands for this person in records that decide who may go on: their name, with the address where another has it too. */
    public function signature(): string
    {
        $isShared = self::query()->where('company_id', $this->company_id)->where('name', $this->name)->whereKeyNot($this->id)->exists();

        return $isShared ? "{$this->name} ({$this->email})" : $this->name;
    }

    /** @return BelongsTo<Company, $this> */
    public function company(): BelongsTo
    {
        return $this->belongsTo(Company::class);
    }

    protected function casts(): array
    {
        return ['password' => 'hashed', 'role' => Role::class, 'single_keys' => 'boolean'];
    }
}
