<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** A want that is not met, and why. */
final readonly class Impossible
{
    private function __construct(public Want $want, public string $because) {}

    /**
     * @param  Path|null  $taken  all the same
     * @param  int  $turn  of the want among those that its device chooses for
     */
    public static function of(Want $want, ?Path $taken, Choices $choices, int $turn, House $house): self
    {
        $device = $house->device($want->device);
        $ecosystem = $house->ecosystem($want->ecosystem);
        $path = $taken ?? $choices->best($turn);

        return new self($want, match (true) {
            $path !== null && ! $path->isMet() => self::lost($path, $device),
            $path !== null => "{$device->name} holds {$device->fabricLimit} fabrics and can take no more.",
            $choices->isReached($turn) => "{$device->name} reaches {$ecosystem->name} only over a cloud: "
                .'that is never enough where safety hangs on it.',
            default => "No box takes {$device->name} in and passes it on in a form that {$ecosystem->name} accepts.",
        });
    }

    private static function lost(Path $path, Device $device): string
    {
        $because = array_map(static fn (Loss $loss): string => $loss->because($device), $path->lossesOfNeeds());
        if ($path->neverHad() !== []) {
            array_unshift($because, "{$device->name} has no ".implode(', ', $path->neverHad()).'.');
        }

        return implode(' ', $because);
    }
}
