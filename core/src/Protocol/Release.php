<?php

declare(strict_types=1);

namespace Kavvel\Core\Protocol;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

/**
 * A release of the standard by which functions travel over Matter, such as 1.3. Firmware decides it, not the box.
 * Where none is said, nothing is held back.
 */
final readonly class Release
{
    private const FORM = '/^\d{1,4}(\.\d{1,4}){0,3}$/D';

    /** @param non-empty-list<int> $numbers without zeros at the end */
    private function __construct(public string $text, private array $numbers) {}

    /** @throws ReleaseUnreadable */
    public static function of(string $text): self
    {
        if (preg_match(self::FORM, $text) !== 1) {
            throw ReleaseUnreadable::because($text);
        }
        $numbers = array_map(intval(...), explode('.', $text));
        while (count($numbers) > 1 && end($numbers) === 0) {
            array_pop($numbers);
        }

        return new self($text, $numbers);
    }

    /** @throws InvalidInput where something is said that is none */
    public static function fromInput(?Input $input): ?self
    {
        try {
            return $input === null ? null : self::of($input->text());
        } catch (ReleaseUnreadable) {
            throw InvalidInput::outOfRange($input->at, 'a release: numbers with dots, such as 1.3');
        }
    }

    public function isLaterThan(self $other): bool
    {
        $length = max(count($this->numbers), count($other->numbers));

        return array_pad($this->numbers, $length, 0) > array_pad($other->numbers, $length, 0);
    }
}
