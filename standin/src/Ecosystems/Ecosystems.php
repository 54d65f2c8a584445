<?php

declare(strict_types=1);

namespace Kavvel\Standin\Ecosystems;

use Kavvel\Core\Bridging\Box;
use Kavvel\Standin\House\World;

/** All boxes and ecosystems of the house as they stand at one moment. */
final class Ecosystems
{
    /** @var array<string, BoxState> by key; a bridge is one, by the key of its device */
    public array $boxes = [];

    /** @var array<string, EcosystemState> by key */
    public array $all = [];

    /** @var array<string, ShareWindow> by reference */
    public array $windows = [];

    public bool $hasInternet = true;

    public function __construct(private readonly World $world)
    {
        $premises = $world->house->premises;
        foreach ($premises->boxes as $key => $box) {
            $this->boxes[$key] = new BoxState($box->isOwned);
        }
        foreach (array_keys($premises->bridges) as $key) {
            $this->boxes[$key] = new BoxState(true);
        }
        foreach (array_keys($premises->ecosystems) as $key) {
            $this->all[$key] = new EcosystemState;
        }
    }

    /** What a box is by its sheet; null: there is none of this key. */
    public function box(string $key): ?Box
    {
        $premises = $this->world->house->premises;
        if (isset($premises->boxes[$key])) {
            return $premises->boxes[$key]->box();
        }

        return isset($this->boxes[$key]) ? $premises->household->device($key)->bridge() : null;
    }

    /** @return list<ShareWindow> that are open now */
    public function openWindows(): array
    {
        return array_values(array_filter($this->windows, fn (ShareWindow $one): bool => $one->closesAt > $this->world->now));
    }

    /** @return array<string, mixed> all of it that moves */
    public function kept(): array
    {
        return array_diff_key(get_object_vars($this), ['world' => true]);
    }

    /** @param array<string, mixed> $kept */
    public function restore(array $kept): void
    {
        foreach ($kept as $name => $value) {
            $this->{$name} = $value;
        }
    }
}
