<?php

declare(strict_types=1);

namespace Kavvel\Core\Naming;

use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Protocol\LabelField;
use Kavvel\Core\Protocol\Protocol;

/**
 * The names of a job: those that were given, and by its pattern for the others, numbered where a room holds two
 * alike; with short forms and conflicts.
 */
final readonly class NamePlan
{
    /** Words that may be shortened where a limit asks for it (assumption: a company keeps its own list) */
    public const ABBREVIATIONS = [
        'bathroom' => 'bath', 'bedroom' => 'bed', 'ceiling' => 'ceil', 'contact' => 'cont', 'controller' => 'ctrl', 'dimmer' => 'dim',
        'humidity' => 'hum', 'kitchen' => 'kit', 'landing' => 'land', 'living' => 'liv', 'motion' => 'mot', 'outside' => 'out',
        'radiator' => 'rad', 'sensor' => 'sens', 'switch' => 'sw', 'temperature' => 'temp', 'thermostat' => 'stat', 'window' => 'win',
        'room' => 'rm', 'valve' => 'vlv',
    ];

    /**
     * @param  list<Name>  $names  in the order of the devices
     * @param  list<Conflict>  $conflicts
     */
    private function __construct(public array $names, public array $conflicts) {}

    /**
     * @param  list<Device>  $devices
     * @param  array<string, string>  $abbreviations
     * @param  string|null  $about  look for conflicts of this device alone
     *
     * @throws InvalidInput on an id that stands twice
     */
    public static function of(
        Pattern $pattern,
        array $devices,
        ConflictCheck $check,
        array $abbreviations = self::ABBREVIATIONS,
        ?string $about = null,
    ): self {
        $names = self::names($pattern, $devices, $abbreviations);

        return new self($names, $check->of($devices, $names, $about));
    }

    /**
     * What these devices are called, or by the pattern would be, in the form that fits each: without short forms for all
     * and without a look for conflicts, which cost most.
     *
     * @param  list<Device>  $devices  of the job
     * @param  list<string>  $ids  of those that are asked for
     * @return array<string, string> by id
     */
    public static function proposals(Pattern $pattern, array $devices, array $ids): array
    {
        $numbers = self::numbers($pattern, $devices);
        $whole = null;
        $proposals = [];
        foreach ($devices as $at => $device) {
            if (! in_array($device->id, $ids, true)) {
                continue;
            }
            $name = $device->given ?? $pattern->name($device, $numbers["id {$device->id}"]);
            if (! Name::fitsAsItIs($name, $device->protocol)) {
                $whole ??= self::names($pattern, $devices, self::ABBREVIATIONS);
                $name = $whole[$at]->fitting($device->protocol);
            }
            $proposals[$device->id] = $name;
        }

        return $proposals;
    }

    /**
     * @param  list<Device>  $devices
     * @param  array<string, string>  $abbreviations
     * @return list<Name>
     */
    private static function names(Pattern $pattern, array $devices, array $abbreviations): array
    {
        $numbers = self::numbers($pattern, $devices);
        $shortener = new Shortener($abbreviations);
        $names = [];
        foreach ($devices as $device) {
            $number = $numbers["id {$device->id}"];
            $name = $device->given ?? $pattern->name($device, $number);
            $names[] = new Name($device->id, $name, Text::slug($name), self::labels($shortener, $pattern, $device, $name, $number));
        }

        return $names;
    }

    public function name(string $id): ?Name
    {
        foreach ($this->names as $name) {
            if ($name->id === $id) {
                return $name;
            }
        }

        return null;
    }

    /**
     * Every device may come to Matter over a bridge, so that all share its labels; where a field holds the room apart,
     * names have to be unique among the devices of one radio only.
     *
     * @return array<string, string|null>
     */
    private static function labels(Shortener $shortener, Pattern $pattern, Device $device, string $name, ?int $number): array
    {
        $suffix = $number === null ? '' : " {$number}";
        $withoutPlace = $device->given ?? $pattern->name($device, $number, false);
        $withinRoom = Text::squeeze($device->withinRoom().($device->given === null ? $suffix : ''));
        $justWhat = $device->given === null ? Text::squeeze("{$device->what}{$suffix}") : $withinRoom;
        $labels = [];
        foreach (Protocol::cases() as $protocol) {
            $fields = $protocol->rules()->labelFields();
            $hasPlace = array_filter($fields, static fn (LabelField $field): bool => $field->isPlace) !== [];
            foreach ($fields as $field) {
                if (array_key_exists($field->title, $labels)) {
                    continue;
                }
                $labels[$field->title] = match (true) {
                    $field->isPlace => $device->room === '' ? '' : $shortener->fit([Text::squeeze($device->room)], $field->bytes),
                    $hasPlace => $shortener->unique("{$field->title} {$device->protocol?->value}", [$withinRoom, $justWhat], $field->bytes),
                    default => $shortener->unique($field->title, [$name, $withoutPlace], $field->bytes),
                };
            }
        }

        return $labels;
    }

    /**
     * Numbers only where two devices of one room would share a name; then for all of them, by id.
     *
     * @param  list<Device>  $devices
     * @return array<string, int|null>
     */
    private static function numbers(Pattern $pattern, array $devices): array
    {
        $alike = [];
        $numbers = [];
        foreach ($devices as $at => $device) {
            if (array_key_exists("id {$device->id}", $numbers)) {
                throw InvalidInput::duplicateId($device->id, "\$.devices[{$at}].id");
            }
            $numbers["id {$device->id}"] = null;
            $alike[Text::fold($device->room)."\n".Text::fold($pattern->name($device))][] = $device->id;
        }
        foreach ($alike as $ids) {
            if (count($ids) > 1 && $pattern->numbers()) {
                sort($ids, SORT_STRING);
                foreach ($ids as $n => $id) {
                    $numbers["id {$id}"] = $n + 1;
                }
            }
        }

        return $numbers;
    }
}
