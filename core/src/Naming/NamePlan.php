<?php

declare(strict_types=1);

namespace Kavvel\Core\Naming;

use Kavvel\Core\Input\InvalidInput;

/** The names of a job by its pattern: numbered where a room holds two alike, with short forms and conflicts. */
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
    public static function of(Pattern $pattern, array $devices, ConflictCheck $check, array $abbreviations = self::ABBREVIATIONS, ?string $about = null): self
    {
        $numbers = self::numbers($pattern, $devices);
        $shortener = new Shortener($abbreviations);
        $names = [];
        foreach ($devices as $at => $device) {
            $number = $numbers["id {$device->id}"];
            $suffix = $number === null ? '' : " {$number}";
            $name = $pattern->name($device, $number);
            $names[$at] = new Name(
                $device->id,
                $name,
                Text::slug($name),
                $shortener->unique('matter', [$name, $pattern->name($device, $number, false)], Shortener::MATTER_BYTES),
                $shortener->unique("name {$device->protocol}", [
                    Text::squeeze("{$device->place} {$device->what}{$suffix}"),
                    Text::squeeze("{$device->what}{$suffix}"),
                ], Shortener::ZWAVE_BYTES),
                $device->room === '' ? '' : $shortener->fit([Text::squeeze($device->room)], Shortener::ZWAVE_BYTES),
            );
        }

        return new self(array_values($names), $check->of($devices, array_values($names), $about));
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
