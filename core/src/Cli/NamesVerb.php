<?php

declare(strict_types=1);

namespace Kavvel\Core\Cli;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Naming\Conflict;
use Kavvel\Core\Naming\ConflictCheck;
use Kavvel\Core\Naming\Device;
use Kavvel\Core\Naming\Ecosystem;
use Kavvel\Core\Naming\Name;
use Kavvel\Core\Naming\NamePlan;
use Kavvel\Core\Naming\Pattern;
use Kavvel\Core\Naming\Text;
use Kavvel\Core\Protocol\Protocol;

final readonly class NamesVerb implements Verb
{
    public function answer(Input $input): array
    {
        $plan = NamePlan::of(
            new Pattern($input->find('pattern')?->text() ?? Pattern::STANDARD),
            $this->devices($input),
            new ConflictCheck($this->texts($input, 'rooms'), $this->texts($input, 'groups'), $this->ecosystems($input)),
        );

        return [
            'names' => array_map(static fn (Name $name): array => [
                'id' => $name->id,
                'name' => $name->name,
                'slug' => $name->slug,
                'short' => self::short($name),
            ], $plan->names),
            'conflicts' => array_map(static fn (Conflict $conflict): array => [
                'kind' => $conflict->kind, 'ids' => self::inOrder($conflict->ids), 'ecosystem' => $conflict->ecosystem,
                'why' => $conflict->why,
            ], $plan->conflicts),
        ];
    }

    /**
     * @param  list<string>  $ids
     * @return list<string>
     */
    private static function inOrder(array $ids): array
    {
        sort($ids, SORT_STRING);

        return $ids;
    }

    /** @return array{matter: string|null, zwaveName: string|null, zwaveLocation: string|null} */
    private static function short(Name $name): array
    {
        [$label] = Protocol::Matter->rules()->labelFields();
        [$zwaveName, $zwaveLocation] = Protocol::ZWave->rules()->labelFields();

        return [
            'matter' => $name->label($label), 'zwaveName' => $name->label($zwaveName), 'zwaveLocation' => $name->label($zwaveLocation),
        ];
    }

    /** @return list<Device> in order of id: nothing depends on the order of the input */
    private function devices(Input $input): array
    {
        $devices = [];
        foreach ($input->get('devices')->items() as $entry) {
            $device = $this->device($entry);
            if (isset($devices["id {$device->id}"])) {
                throw InvalidInput::duplicateId($device->id, $entry->get('id')->at);
            }
            $devices["id {$device->id}"] = $device;
        }
        ksort($devices, SORT_STRING);

        return array_values($devices);
    }

    private function device(Input $device): Device
    {
        return new Device(
            $device->get('id')->id(),
            $device->find('room')?->text() ?? '',
            $device->find('place')?->text() ?? '',
            $this->words($device->get('what')),
            $device->find('protocol') === null ? null : Protocol::from($device->get('protocol')->word(Protocol::words())),
        );
    }

    /** @return list<string> */
    private function texts(Input $input, string $key): array
    {
        return array_map($this->words(...), $input->find($key)?->items() ?? []);
    }

    /** @return list<Ecosystem> each once */
    private function ecosystems(Input $input): array
    {
        $ecosystems = [];
        foreach ($input->find('ecosystems')?->items() ?? [] as $ecosystem) {
            $id = $ecosystem->get('id')->id();
            if (isset($ecosystems["id {$id}"])) {
                throw InvalidInput::duplicateId($id, $ecosystem->get('id')->at);
            }
            $ecosystems["id {$id}"] = new Ecosystem($id, $ecosystem->find('maxLength')?->wholeFrom(1));
        }

        return array_values($ecosystems);
    }

    /** Something that can be said. */
    private function words(Input $text): string
    {
        return Text::fold($text->text()) !== '' ? $text->text() : throw InvalidInput::outOfRange(
            $text->at,
            'a word with a letter or a digit',
        );
    }
}
