<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

use Kavvel\Core\Input\Input;

/** What a device's light does: in words, and as a pattern that can be drawn. */
final readonly class LightSign
{
    public const PATTERNS = ['blink', 'double', 'breathe', 'steady', 'flash-once', 'off'];

    public const COLOURS = ['white', 'red', 'amber', 'green', 'blue'];

    private const PER_SECOND = 1.0;

    private const MOST_PER_SECOND = 10.0;

    private function __construct(
        public string $words,
        public string $pattern,
        public float $perSecond,
        public string $colour,
    ) {}

    /** Words alone are a light that blinks. */
    public static function fromInput(Input $input): self
    {
        if (is_string($input->raw())) {
            return new self($input->text(), 'blink', self::PER_SECOND, 'white');
        }

        return new self(
            $input->get('words')->text(),
            $input->find('pattern')?->word(self::PATTERNS) ?? 'blink',
            $input->find('perSecond')?->numberUpTo(0.1, self::MOST_PER_SECOND) ?? self::PER_SECOND,
            $input->find('colour')?->word(self::COLOURS) ?? 'white',
        );
    }
}
