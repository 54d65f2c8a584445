<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property string|null $phone
 * @property string|null $email
 */
final class Company extends Model
{
    protected $table = 'companies';

    protected $guarded = [];
}
