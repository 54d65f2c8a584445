<?php

declare(strict_types=1);

namespace App\Stations\Survey\Wants;

use Kavvel\Core\Wants\WantedBy;
use Kavvel\Core\Wants\WantedFrom;
use Kavvel\Core\Wants\WantGroup;

/** Which functions the grid shows, and for whom and from where a touch notes them: "comfort guests voice" in the address. */
final readonly class Pen
{
    public function __construct(
        public WantGroup $group = WantGroup::Light,
        public WantedBy $by = WantedBy::Everyone,
        public WantedFrom $from = WantedFrom::Hub,
    ) {}

    public static function of(?string $at): self
    {
        $words = explode(' ', (string) $at);

        return new self(
            WantGroup::tryFrom($words[0]) ?? WantGroup::Light,
            WantedBy::tryFrom($words[1] ?? '') ?? WantedBy::Everyone,
            WantedFrom::tryFrom($words[2] ?? '') ?? WantedFrom::Hub,
        );
    }

    public function with(?WantGroup $group = null, ?WantedBy $by = null, ?WantedFrom $from = null): string
    {
        return implode(' ', [($group ?? $this->group)->value, ($by ?? $this->by)->value, ($from ?? $this->from)->value]);
    }
}
