<?php

declare(strict_types=1);

namespace Kavvel\Core\Replacing;

/** A setting that a new device does not bring with it. */
final readonly class SettingToRedo
{
    /**
     * @param  string  $value  with its unit
     * @param  bool  $isOfTheSensor  it set right the very sensor that was there: the next may be off by something else
     */
    public function __construct(
        public string $words,
        public string $value,
        public bool $isSet,
        public bool $isOfTheSensor = false,
    ) {}

    public function say(): string
    {
        return "{$this->words}: {$this->value}".($this->isOfTheSensor ? ', of the one before: hold the new one beside a reference' : '');
    }
}
