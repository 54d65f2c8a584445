<?php

declare(strict_types=1);

namespace Kavvel\Core\Input;

use DateTimeImmutable;
use JsonException;
use stdClass;

/** A JSON value read step by step; whatever is missing or of the wrong kind is named by its path. */
final readonly class Input
{
    /** What an input may be at most: bytes of all of it, characters of a text, entries of a list */
    public const MOST_BYTES = 20_971_520;

    private const MOST_CHARACTERS = 10_000;

    private const MOST_ENTRIES = 50_000;

    /** Whole numbers beyond this are not told apart */
    private const LARGEST_WHOLE = 9_007_199_254_740_992;

    /** No quantity of the job comes near this; beyond it sums lose their meaning */
    private const LARGEST = 1e12;

    /** A time with its zone, to the microsecond at most */
    private const MOMENT = '/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d{1,6})?(Z|[+-]\d{2}:\d{2})$/';

    /** Years that a clock of our time can show, and a database can keep */
    private const YEARS = [2000, 2037];

    private function __construct(private mixed $value, public string $at, private bool $isDecodedIntoArrays = false) {}

    public static function parse(string $json): self
    {
        return (new self(self::decoded($json, false), '$'))->requireObject();
    }

    /**
     * The same, if nothing in it is beyond what a verb can work on in a few seconds.
     *
     * @throws InvalidInput
     */
    public function inMeasure(): self
    {
        $todo = [[$this->value, $this->at]];
        while ($todo !== []) {
            [$value, $at] = array_pop($todo);
            if (is_string($value) && mb_strlen($value) > self::MOST_CHARACTERS) {
                throw InvalidInput::tooLarge($at, 'a text of at most '.self::MOST_CHARACTERS.' characters');
            }
            $entries = is_object($value) ? get_object_vars($value) : $value;
            if (! is_array($entries)) {
                continue;
            }
            if (count($entries) > self::MOST_ENTRIES) {
                throw InvalidInput::tooLarge($at, 'at most '.self::MOST_ENTRIES.' entries long');
            }
            foreach ($entries as $key => $entry) {
                if (is_string($entry) || is_array($entry) || is_object($entry)) {
                    $todo[] = [$entry, is_array($value) ? "{$at}[{$key}]" : "{$at}.{$key}"];
                }
            }
        }

        return $this;
    }

    /**
     * A file that is kept as arrays.
     *
     * @return array<array-key, mixed>
     *
     * @throws InvalidInput
     */
    public static function arrays(string $json): array
    {
        return self::of((array) self::decoded($json, true))->properties();
    }

    /** @param array<array-key, mixed> $value already decoded */
    public static function of(array $value, string $at = '$'): self
    {
        return new self($value, $at, true);
    }

    public function get(string $key): self
    {
        $object = $this->entries();
        if (! array_key_exists($key, $object)) {
            throw InvalidInput::missing("{$this->at}.{$key}");
        }

        return new self($object[$key], "{$this->at}.{$key}", $this->isDecodedIntoArrays);
    }

    /** The value, or null where it is left out or null. */
    public function find(string $key): ?self
    {
        return isset($this->entries()[$key]) ? $this->get($key) : null;
    }

    /** @return array<array-key, mixed> of an object, by name */
    public function properties(): array
    {
        return $this->entries();
    }

    /** The value as it came: to be kept, not to be trusted. */
    public function raw(): mixed
    {
        return $this->value;
    }

    /** @return list<self> */
    public function items(?int $exactly = null): array
    {
        if (! is_array($this->value) || ! array_is_list($this->value)) {
            throw InvalidInput::wrongType($this->at, 'a list');
        }
        if ($exactly !== null && count($this->value) !== $exactly) {
            throw InvalidInput::wrongType($this->at, "a list of {$exactly}");
        }
        $items = [];
        foreach ($this->value as $number => $item) {
            $items[] = new self($item, "{$this->at}[{$number}]", $this->isDecodedIntoArrays);
        }

        return $items;
    }

    public function text(): string
    {
        return is_string($this->value) ? $this->value : throw InvalidInput::wrongType($this->at, 'text');
    }

    /** @param int $most in characters */
    public function textUpTo(int $most): string
    {
        return mb_strlen($this->text()) <= $most
            ? $this->text()
            : throw InvalidInput::outOfRange($this->at, "text of at most {$most} characters");
    }

    /** @param int $most in characters */
    public function idUpTo(int $most): string
    {
        $this->textUpTo($most);

        return $this->id();
    }

    /** A time such as 2026-11-20T09:30:00Z. */
    public function moment(): DateTimeImmutable
    {
        $moment = preg_match(self::MOMENT, $this->text()) === 1 ? date_create_immutable($this->text()) : false;
        $year = $moment === false ? 0 : (int) $moment->format('Y');

        return $moment !== false && $year >= self::YEARS[0] && $year <= self::YEARS[1]
            && checkdate(...self::dayOf($this->text()))
            ? $moment
            : throw InvalidInput::outOfRange($this->at, 'a time such as 2026-11-20T09:30:00Z');
    }

    /** Text, a number or a truth, as people read it. */
    public function scalar(): string
    {
        return match (true) {
            is_string($this->value), is_int($this->value), is_float($this->value) => (string) $this->value,
            is_bool($this->value) => $this->value ? 'true' : 'false',
            default => throw InvalidInput::wrongType($this->at, 'text, a number, true or false'),
        };
    }

    public function id(): string
    {
        return $this->text() !== '' ? $this->text() : throw InvalidInput::outOfRange($this->at, 'an id of at least one character');
    }

    public function number(): float
    {
        if (! is_int($this->value) && ! is_float($this->value)) {
            throw InvalidInput::wrongType($this->at, 'a number');
        }

        return abs((float) $this->value) <= self::LARGEST
            ? (float) $this->value
            : throw InvalidInput::outOfRange($this->at, 'a number of at most '.self::LARGEST);
    }

    public function numberFrom(float $least): float
    {
        return $this->number() >= $least ? $this->number() : throw InvalidInput::outOfRange($this->at, "{$least} or more");
    }

    public function numberUpTo(float $least, float $most): float
    {
        return $this->number() >= $least && $this->number() <= $most
            ? $this->number()
            : throw InvalidInput::outOfRange($this->at, "a number from {$least} to {$most}");
    }

    public function positive(): float
    {
        return $this->number() > 0 ? $this->number() : throw InvalidInput::outOfRange($this->at, 'more than 0');
    }

    public function shareInside(): float
    {
        return $this->number() > 0 && $this->number() < 1
            ? $this->number()
            : throw InvalidInput::outOfRange($this->at, 'between 0 and 1, ends excluded');
    }

    public function wholeFrom(int $least): int
    {
        if (! is_int($this->value) && ! (is_float($this->value) && floor($this->value) === $this->value)) {
            throw InvalidInput::wrongType($this->at, 'a whole number');
        }
        if (abs($this->value) > self::LARGEST_WHOLE) {
            throw InvalidInput::outOfRange($this->at, 'a whole number of at most '.self::LARGEST_WHOLE);
        }

        return $this->value >= $least ? (int) $this->value : throw InvalidInput::outOfRange($this->at, "{$least} or more");
    }

    public function whole(int $least, int $most): int
    {
        return $this->wholeFrom($least) <= $most
            ? $this->wholeFrom($least)
            : throw InvalidInput::outOfRange($this->at, "{$most} or less");
    }

    public function flag(): bool
    {
        return is_bool($this->value) ? $this->value : throw InvalidInput::wrongType($this->at, 'true or false');
    }

    /** @param list<string> $allowed */
    public function word(array $allowed): string
    {
        return in_array($this->text(), $allowed, true)
            ? $this->text()
            : throw InvalidInput::unknownWord($this->at, $this->text(), $allowed);
    }

    /** @return array{int, int, int} month, day, year: a date that does not exist would be moved to one that does */
    private static function dayOf(string $moment): array
    {
        return [(int) substr($moment, 5, 2), (int) substr($moment, 8, 2), (int) substr($moment, 0, 4)];
    }

    private function requireObject(): self
    {
        $this->entries();

        return $this;
    }

    /**
     * Decoded into arrays an empty list and an empty object are the same: there it counts as either.
     *
     * @return array<array-key, mixed> of an object
     */
    private function entries(): array
    {
        return match (true) {
            $this->value instanceof stdClass => get_object_vars($this->value),
            is_array($this->value) && $this->isDecodedIntoArrays && (! array_is_list($this->value) || $this->value === []) => $this->value,
            default => throw InvalidInput::wrongType($this->at, 'an object'),
        };
    }

    private static function decoded(string $json, bool $intoArrays): mixed
    {
        if (strlen($json) > self::MOST_BYTES) {
            throw InvalidInput::tooLarge('$', 'at most 20 MB long');
        }
        try {
            return json_decode($json, $intoArrays, 512, JSON_THROW_ON_ERROR);
        } catch (JsonException $exception) {
            throw InvalidInput::notJson($exception->getMessage());
        }
    }
}
