<?php

declare(strict_types=1);

namespace Kavvel\Standin\Ecosystems;

/** How a box stands while the fold runs. */
final class BoxState
{
    /** It is plugged in, or signed up for */
    public bool $isThere;

    /** @var list<string> forms in which it passes on, as far as they have to be switched on */
    public array $on = [];

    /** @var array<string, list<string>> keys of the devices that it shows, by form; a form without a list: everything */
    public array $shown = [];

    /** @var array<string, string> the key that it made, by box or ecosystem for which it did */
    public array $keys = [];

    /** @var list<string> boxes that are linked into it */
    public array $from = [];

    /** @var list<string> keys of devices that joined it by themselves */
    public array $joined = [];

    /** @var array<string, Made> what it makes of devices, by id */
    public array $made = [];

    public function __construct(bool $isThere)
    {
        $this->isThere = $isThere;
    }

    public function shows(string $device, string $form): bool
    {
        return in_array($device, $this->shown[$form] ?? [$device], true);
    }
}
