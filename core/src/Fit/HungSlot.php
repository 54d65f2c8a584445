<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

/** A powered blind or a lock with all that is known of it. */
final readonly class HungSlot
{
    /**
     * @param  bool  $isFitted  up and taught; or on its network, so that it has been
     * @param  bool  $isTried  by hand, and it works
     */
    public function __construct(
        public string $key,
        public string $room,
        public Hanging $hanging,
        public bool $isFitted,
        public bool $isTried,
        public int $minutes = 0,
    ) {}

    public function standing(): string
    {
        return match (true) {
            $this->isFitted && $this->isTried => FitStanding::Done->words(),
            $this->isFitted => FitStanding::ToTry->words(),
            $this->hanging->done === [] => 'to put up',
            default => 'to teach',
        };
    }

    public function isDone(): bool
    {
        return $this->isFitted && $this->isTried;
    }
}
