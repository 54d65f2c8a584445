<?php

declare(strict_types=1);

namespace App\Plan;

use Kavvel\Core\Catalogue\Profile;

/** A protocol's two letters in one plain shape. */
final readonly class Chip
{
    public static function html(string $protocol): string
    {
        return '<abbr class="chip no-underline" title="'.Profile::protocolName($protocol).'">'.Profile::tag($protocol).'</abbr>';
    }
}
