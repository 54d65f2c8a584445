<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** Where a fault lies that a test from all sides found. */
final readonly class CrossFault
{
    /**
     * @param  string|null  $origin  what is ordered there comes nowhere
     * @param  string|null  $observer  what is seen there is not right
     */
    private function __construct(public ?string $origin, public ?string $observer, public ?CrossVerdict $verdict) {}

    public static function ofAll(): self
    {
        return new self(null, null, null);
    }

    public static function from(string $origin): self
    {
        return new self($origin, null, null);
    }

    public static function into(string $observer, CrossVerdict $verdict): self
    {
        return new self(null, $observer, $verdict);
    }

    public static function between(string $origin, string $observer, CrossVerdict $verdict): self
    {
        return new self($origin, $observer, $verdict);
    }

    /** @param callable(string): string $name of an origin or an observer */
    public function words(callable $name): string
    {
        if ($this->observer === null) {
            return $this->origin === null
                ? 'Nobody sees anything: the device, its radio or its hub does not obey. Try it at the hub first.'
                : "What is ordered in {$name($this->origin)} comes nowhere: its path to the device is broken, or it is not let.";
        }
        $at = $this->origin === null ? $name($this->observer) : "{$name($this->observer)}, after orders from {$name($this->origin)} only,";

        return match ($this->verdict) {
            CrossVerdict::Silent => "{$at} gets no feedback: it shows what it last ordered, not what is.",
            CrossVerdict::Reversed => "{$at} shows it the wrong way round: turn it there or at its box, and not at the device.",
            CrossVerdict::Straggles => "{$at} is late: its path leads over a cloud or polls. Do not let a rule wait for it.",
            default => "{$at} does not see it every time: its link is weak, or its box drops what comes too fast.",
        };
    }
}
