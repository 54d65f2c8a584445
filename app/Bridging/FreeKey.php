<?php

declare(strict_types=1);

namespace App\Bridging;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Str;

/** A key that reads like the name and that nothing else of the job has. */
final readonly class FreeKey
{
    private const LONGEST = 70;

    /** @param HasMany<covariant Model, covariant Model> $all */
    public static function of(HasMany $all, string $name): string
    {
        $slug = Str::limit(Str::slug($name) ?: 'one', self::LONGEST, '');
        $taken = $all->pluck('key')->map(static fn (mixed $key): string => strtolower((string) $key))->all();
        $free = $slug;
        for ($n = 2; in_array($free, $taken, true); $n++) {
            $free = "{$slug}-{$n}";
        }

        return $free;
    }
}
