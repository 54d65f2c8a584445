<?php

declare(strict_types=1);

namespace Kavvel\Standin\Ecosystems;

/** What an ecosystem has been linked to: a box, or devices themselves. */
final class Door
{
    /** @var list<string> keys of devices that somebody deleted here one by one */
    public array $deleted = [];

    /** @var list<string> keys of devices that are about to appear */
    public array $coming = [];

    /**
     * @param  string|null  $box  null: the devices themselves
     * @param  string|null  $device  the only one that comes in by it
     */
    public function __construct(public readonly ?string $box, public readonly string $form, public readonly ?string $device = null) {}

    public function key(): string
    {
        return ($this->device ?? $this->box ?? 'devices')." as {$this->form}";
    }
}
