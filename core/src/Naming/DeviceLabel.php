<?php

declare(strict_types=1);

namespace Kavvel\Core\Naming;

use Kavvel\Core\Protocol\LabelField;
use Kavvel\Core\Protocol\Protocol;

/** What is written to a device: its name in the form that fits it, and its room where its radio has a field for that. */
final readonly class DeviceLabel
{
    private function __construct(public string $name, public ?string $place) {}

    /** A radio without fields of its own leaves the name to the hub, which takes it whole. */
    public static function of(Name $name, ?Protocol $protocol): self
    {
        $fields = $protocol?->rules()->labelFields() ?? [];
        $called = $place = null;
        foreach ($fields as $field) {
            if ($field->isPlace) {
                $place = $name->label($field);
            } else {
                $called ??= self::inField($name, $field, count($fields) === 1);
            }
        }

        return new self($called ?? $name->name, $place === '' ? null : $place);
    }

    /** A device with one field shows the whole name, where that fits. */
    private static function inField(Name $name, LabelField $field, bool $isOnly): ?string
    {
        return $isOnly && strlen($name->name) <= $field->bytes ? $name->name : $name->label($field);
    }
}
