<?php

declare(strict_types=1);

namespace App\Plan;

use Kavvel\Core\Protocol\Protocol;

/** A protocol's two letters in one plain shape. */
final readonly class Chip
{
    public static function html(Protocol $protocol): string
    {
        return '<abbr class="chip no-underline" title="'.$protocol->title().'">'.$protocol->tag().'</abbr>';
    }
}
