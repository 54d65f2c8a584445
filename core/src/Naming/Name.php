<?php

declare(strict_types=1);

namespace Kavvel\Core\Naming;

use Kavvel\Core\Protocol\LabelField;
use Kavvel\Core\Protocol\Protocol;

/** A device's full name, its id for programs, and the forms of it that fit the fields of a device. */
final readonly class Name
{
    /** @param array<string, string|null> $labels by title of the field; null: nothing fits it */
    public function __construct(public string $id, public string $name, public string $slug, private array $labels) {}

    /** What of the name this field takes; null where no form of it fits without cutting a word. */
    public function label(LabelField $field): ?string
    {
        return $this->labels[$field->title] ?? null;
    }

    /** Whether the network that carries the name has a form of it. */
    public function fits(?Protocol $protocol): bool
    {
        foreach ($protocol?->rules()->labelFields() ?? [] as $field) {
            if ($this->label($field) === null) {
                return false;
            }
        }

        return true;
    }

    /** A device with one field for its name shows that field: a name has to fit it as it is. */
    public static function fitsAsItIs(string $name, ?Protocol $protocol): bool
    {
        $fields = $protocol?->rules()->labelFields() ?? [];

        return count($fields) !== 1 || strlen($name) <= $fields[0]->bytes;
    }

    /** The full name, or where the device's one field is too short for it the form that fits. */
    public function fitting(?Protocol $protocol): string
    {
        return self::fitsAsItIs($this->name, $protocol)
            ? $this->name
            : $this->label($protocol?->rules()->labelFields()[0] ?? LabelField::name('', 0)) ?? $this->name;
    }
}
