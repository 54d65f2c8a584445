<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Kavvel\Core\Protocol\Release;

/** A capability that does not get through, where it falls, and why. */
final readonly class Loss
{
    /**
     * @param  string  $at  id of the box or ecosystem
     * @param  string  $where  its name
     * @param  Release|null  $slower  what somebody speaks that is too old for it
     * @param  string|null  $behind  who; null: the device itself
     */
    private function __construct(
        public string $capability,
        public string $at,
        public LossKind $kind,
        private string $where,
        private ?Release $since = null,
        private ?Release $slower = null,
        private ?string $behind = null,
    ) {}

    public static function dropped(string $capability, Box $at): self
    {
        return new self($capability, $at->id, LossKind::Dropped, $at->name);
    }

    public static function unknown(string $capability, Ecosystem $at): self
    {
        return new self($capability, $at->id, LossKind::Unknown, $at->name);
    }

    public static function tooNew(Capability $capability, Box|Ecosystem $at, ?string $behind, Release $slower): self
    {
        return new self($capability->id, $at->id, LossKind::TooNew, $at->name, $capability->since, $slower, $behind);
    }

    public static function wordless(string $capability, Box|Ecosystem $at): self
    {
        return new self($capability, $at->id, LossKind::Wordless, $at->name);
    }

    /** @param string|null $capability what people call it */
    public function because(Device $device, ?string $capability = null): string
    {
        $what = $capability ?? $this->capability;

        return match ($this->kind) {
            LossKind::Dropped => "{$this->where} does not pass {$what} on.",
            LossKind::Unknown => "{$this->where} does not know {$what}.",
            LossKind::Wordless => "The standard has no word for {$what}: it does not reach {$this->where}.",
            LossKind::TooNew => ucfirst($what)." came with release {$this->since?->text}; "
                .($this->behind ?? $device->name)." speaks {$this->slower?->text}.",
        };
    }
}
