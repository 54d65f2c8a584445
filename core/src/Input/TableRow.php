<?php

declare(strict_types=1);

namespace Kavvel\Core\Input;

/** One row of a table: what stands in each column, and where the row stands. */
final readonly class TableRow
{
    /** @param array<string, string> $cells by column */
    public function __construct(public string $at, private array $cells) {}

    /** "row 3, width" */
    public function place(string $column): string
    {
        return "{$this->at}, {$column}";
    }

    /** Empty where nothing stands. */
    public function text(string $column): string
    {
        return $this->cells[$column] ?? '';
    }

    /** @throws InvalidInput where nothing stands */
    public function needed(string $column): string
    {
        return $this->text($column) === '' ? throw InvalidInput::missing($this->place($column)) : $this->text($column);
    }

    /**
     * @param  string  $unit  that may stand behind it
     *
     * @throws InvalidInput where something else than a number stands
     */
    public function number(string $column, string $unit = ''): ?float
    {
        $text = str_replace('−', '-', trim($this->text($column), " {$unit}"));
        if ($text === '') {
            return null;
        }

        return preg_match('/^-?\d+(?:[.,]\d+)?$/', $text) === 1
            ? (float) str_replace(',', '.', $text)
            : throw InvalidInput::wrongType($this->place($column), 'a number');
    }

    /** @throws InvalidInput where no number stands, or one that can't be */
    public function numberBetween(string $column, float $least, float $most, string $unit = ''): float
    {
        $number = $this->number($column, $unit) ?? throw InvalidInput::missing($this->place($column));

        return $number >= $least && $number <= $most
            ? $number
            : throw InvalidInput::outOfRange($this->place($column), "a number from {$least} to {$most}");
    }

    /**
     * What is called so, or has this key; null where nothing stands.
     *
     * @param  array<array-key, string>  $names  by key
     *
     * @throws InvalidInput where nothing is called so
     */
    public function oneOf(string $column, array $names): ?string
    {
        $said = mb_strtolower($this->text($column));
        foreach ($said === '' ? [] : $names as $key => $name) {
            if (in_array($said, [mb_strtolower($name), mb_strtolower((string) $key)], true)) {
                return (string) $key;
            }
        }

        return $said === '' ? null : throw InvalidInput::unknownName($this->text($column), $this->place($column));
    }
}
