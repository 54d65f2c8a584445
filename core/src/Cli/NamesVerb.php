<?php

declare(strict_types=1);

namespace Kavvel\Core\Cli;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Naming\Conflict;
use Kavvel\Core\Naming\ConflictCheck;
use Kavvel\Core\Naming\Device;
use Kavvel\Core\Naming\Ecosystem;
use Kavvel\Core\Naming\Name;
use Kavvel\Core\Naming\NamePlan;
use Kavvel\Core\Naming\Pattern;
use Kavvel\Core\Protocol\Protocol;

final readonly class NamesVerb implements Verb
{
    public function answer(Input $input): array
    {
        $plan = NamePlan::of(
            new Pattern($input->find('pattern')?->text() ?? Pattern::STANDARD),
            array_map($this->device(...), $input->get('devices')->items()),
            new ConflictCheck($this->texts($input, 'rooms'), $this->texts($input, 'groups'), array_map(
                static fn (Input $ecosystem): Ecosystem => new Ecosystem(
                    $ecosystem->get('id')->id(),
                    $ecosystem->find('maxLength')?->wholeFrom(1),
                ),
                $input->find('ecosystems')?->items() ?? [],
            )),
        );

        return [
            'names' => array_map(static fn (Name $name): array => [
                'id' => $name->id,
                'name' => $name->name,
                'slug' => $name->slug,
                'short' => self::short($name),
            ], $plan->names),
            'conflicts' => array_map(static fn (Conflict $conflict): array => [
                'kind' => $conflict->kind, 'ids' => $conflict->ids, 'ecosystem' => $conflict->ecosystem, 'why' => $conflict->why,
            ], $plan->conflicts),
        ];
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

    private function device(Input $device): Device
    {
        return new Device(
            $device->get('id')->id(),
            $device->find('room')?->text() ?? '',
            $device->find('place')?->text() ?? '',
            $device->get('what')->text(),
            Protocol::tryFrom($device->find('protocol')?->text() ?? ''),
        );
    }

    /** @return list<string> */
    private function texts(Input $input, string $key): array
    {
        return array_map(static fn (Input $text): string => $text->text(), $input->find($key)?->items() ?? []);
    }
}
