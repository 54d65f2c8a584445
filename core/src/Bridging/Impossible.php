<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Closure;

/** A want that is not met, and why. */
final readonly class Impossible
{
    /**
     * @param  list<string>  $neverHad  what is wanted of the device that it can't do
     * @param  list<Loss>  $losses  of what is wanted, on the best path
     * @param  string|null  $why  in words, where nothing is lost as there is no path
     */
    private function __construct(
        public Want $want,
        private Device $device,
        private array $neverHad,
        private array $losses,
        private ?string $why,
    ) {}

    /**
     * @param  Path|null  $taken  all the same
     * @param  int  $turn  of the want among those that its device chooses for
     */
    public static function of(Want $want, ?Path $taken, Choices $choices, int $turn, House $house): self
    {
        $device = $house->device($want->device);
        $ecosystem = $house->ecosystem($want->ecosystem);
        $path = $taken ?? $choices->best($turn);
        if ($path !== null && ! $path->isMet()) {
            return new self($want, $device, $path->neverHad(), $path->lossesOfNeeds(), null);
        }

        return new self($want, $device, [], [], match (true) {
            $path !== null => "{$device->name} holds {$device->fabricLimit} fabrics and can take no more.",
            $choices->isReached($turn) => "{$device->name} reaches {$ecosystem->name} only over a cloud: "
                .'that is never enough where safety hangs on it.',
            default => "No box takes {$device->name} in and passes it on in a form that {$ecosystem->name} accepts.",
        });
    }

    /** @return list<string> capabilities that the device has and that do not arrive */
    public function lost(): array
    {
        return array_map(static fn (Loss $loss): string => $loss->capability, $this->losses);
    }

    /** @param Closure(string): string|null $words what people call a capability */
    public function because(?Closure $words = null): string
    {
        $words ??= static fn (string $capability): string => $capability;
        $because = array_map(
            fn (Loss $loss): string => $loss->because($this->device, $words($loss->capability)),
            $this->losses,
        );
        if ($this->neverHad !== []) {
            array_unshift($because, "{$this->device->name} has no ".implode(', ', array_map($words, $this->neverHad)).'.');
        }

        return $this->why ?? implode(' ', $because);
    }
}
