<?php

declare(strict_types=1);

namespace Kavvel\Standin\Time;

use Kavvel\Core\Bus\GroupAddress;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Standin\Ecosystems\AtBoxes;
use Kavvel\Standin\Ecosystems\Contents;
use Kavvel\Standin\Ecosystems\EcosystemDeeds;
use Kavvel\Standin\Ecosystems\Ecosystems;
use Kavvel\Standin\Ecosystems\Showing;
use Kavvel\Standin\Ecosystems\Sights;
use Kavvel\Standin\Ecosystems\Sources;
use Kavvel\Standin\House\DeviceState;
use Kavvel\Standin\House\Fault;
use Kavvel\Standin\House\Gesture;
use Kavvel\Standin\House\House;
use Kavvel\Standin\House\Presence;
use Kavvel\Standin\House\World;
use Kavvel\Standin\Hub\Hub;
use Kavvel\Standin\Joining\Bridging;
use Kavvel\Standin\Joining\BusLine;
use Kavvel\Standin\Joining\Joining;
use Kavvel\Standin\Joining\Remotes;
use Kavvel\Standin\Joining\Reports;
use LogicException;

/**
 * The state of the house at one moment: a pure fold of the house, its seed, the log of what hands and hub commands did,
 * and time. The same log and time give the same state and the same events.
 *
 * Log entries are arrays with `at` (ms) and `do`; Hands and the links write them.
 *
 * @phpstan-type Kept array{world: array<string, mixed>, hub: array<string, mixed>, ecosystems: array<string, mixed>}
 */
final readonly class Fold
{
    public World $world;

    public Hub $hub;

    private Joining $joining;

    private Bridging $bridging;

    private Remotes $remotes;

    private Reports $reports;

    private BusLine $bus;

    public Ecosystems $ecosystems;

    public Contents $contents;

    public Sources $sources;

    public Showing $showing;

    public Sights $sights;

    private EcosystemDeeds $deeds;

    private function __construct(House $house)
    {
        $this->world = new World($house);
        $this->hub = new Hub($this->world);
        $this->reports = new Reports($this->world, $this->hub);
        $this->bus = new BusLine($this->world, $this->hub);
        $this->remotes = new Remotes($this->world, $this->hub);
        $this->bridging = new Bridging($this->world, $this->hub);
        $this->ecosystems = new Ecosystems($this->world);
        $this->contents = new Contents($this->world, $this->ecosystems);
        $this->sources = new Sources($this->world, $this->ecosystems);
        $this->showing = new Showing($this->world, $this->ecosystems, $this->contents, $this->sources);
        $this->sights = new Sights($this->world, $this->hub, $this->ecosystems, $this->contents, $this->sources);
        $this->deeds = EcosystemDeeds::in($this->world, $this->ecosystems, $this->showing, $this->sights);
        $this->joining = new Joining($this->world, $this->hub, $this->reports, $this->bridging);
    }

    /**
     * @param  list<array<string, mixed>>  $log  in order of time
     * @param  Kept|null  $kept  the state before these entries
     */
    public static function of(House $house, array $log, int $now, ?array $kept = null): self
    {
        $fold = new self($house);
        if ($kept !== null) {
            $fold->world->restore($kept['world']);
            $fold->hub->restore($kept['hub']);
            $fold->ecosystems->restore($kept['ecosystems']);
        }
        foreach ($log as $entry) {
            $fold->passTo((int) $entry['at']);
            $fold->apply($entry);
            $fold->followUp();
        }
        $fold->passTo($now);

        return $fold;
    }

    public function atBoxes(): AtBoxes
    {
        return new AtBoxes($this->world, $this->ecosystems, $this->showing);
    }

    /** @return Kept all of it that moves */
    public function kept(): array
    {
        return ['world' => $this->world->kept(), 'hub' => $this->hub->kept(), 'ecosystems' => $this->ecosystems->kept()];
    }

    private function passTo(int $now): void
    {
        while (($what = $this->world->next($now)) !== null) {
            match (true) {
                isset($what['into']) => $this->showing->appears($what),
                isset($what['order']) => $this->sights->obeys($what),
                isset($what['seer']) => $this->sights->sees($what),
                isset($what['round']) => $this->joining->happens($what),
                $what['do'] === 'said' => $this->bus->said($what),
                isset($what['behind']) => $this->bridging->appears($this->world->devices[$what['behind']]),
                default => $this->hub->happens($what),
            };
            $this->followUp();
        }
        $this->world->now = max($this->world->now, $now);
    }

    /** What ecosystems show and see of what has just happened. */
    private function followUp(): void
    {
        $this->showing->settle();
        $this->sights->spread();
    }

    /** @param array<string, mixed> $entry */
    private function apply(array $entry): void
    {
        $id = $entry['command'] ?? null;
        if (is_string($id)) {
            if (isset($this->hub->commands[$id])) {
                return;
            }
            $this->hub->commands[$id] = true;
        }
        match ($entry['do']) {
            'boot' => $this->hub->boot((string) $entry['epoch']),
            'unplug' => $this->hub->isPlugged = false,
            'plug-in' => $this->hub->isPlugged = true,
            'open-window' => $this->openWindow($entry),
            'forget' => $this->hub->smartStart = array_values(array_diff($this->hub->smartStart, [(string) $entry['device']])),
            'answer' => $this->joining->pinGiven((string) $entry['window'], (string) $entry['pin']),
            'close-window' => $this->hub->closeWindow((string) $entry['window'], 'asked'),
            'read-mesh' => $this->hub->readMesh(
                (string) $entry['command'],
                Protocol::from((string) ($entry['protocol'] ?? Protocol::Zigbee->value)),
            ),
            'label' => $this->hub->label((string) $entry['address'], (string) $entry['label'], $entry['location'] ?? null),
            'identify' => $this->hub->identify((string) $entry['command'], (string) $entry['address']),
            'move' => $this->hub->move(
                (string) $entry['command'],
                (string) $entry['address'],
                (string) $entry['capability'],
                (int) $entry['value'],
            ),
            'switch' => $this->hub->switch((string) $entry['command'], (string) $entry['address'], (string) $entry['value']),
            'send' => $this->remotes->send((string) $entry['command'], Protocol::from((string) $entry['protocol']), $entry),
            'say' => $this->bus->send(
                (string) $entry['command'],
                GroupAddress::of((string) $entry['address']) ?? throw new LogicException('The link lets no such address through.'),
                (string) $entry['value'],
            ),
            'ecosystem' => $this->deeds->do($entry),
            'remove' => $this->joining->leave($this->world->byAddress((string) $entry['address'])),
            default => $this->byHand($this->world->devices[$entry['device'] ?? ''] ?? null, $entry),
        };
    }

    /** @param array<string, mixed> $entry */
    private function openWindow(array $entry): void
    {
        $protocol = Protocol::from((string) ($entry['protocol'] ?? Protocol::Zigbee->value));
        $this->hub->openWindow(
            (string) $entry['command'],
            $protocol,
            (string) ($entry['kind'] ?? 'join'),
            (int) $entry['seconds'],
            (array) ($entry['code'] ?? []),
        );
        $this->joining->windowOpened($protocol);
    }

    /** @param array<string, mixed> $entry what hands do to a device */
    private function byHand(?DeviceState $state, array $entry): void
    {
        if ($state === null) {
            return;
        }
        match ($entry['do']) {
            'fault' => $this->joining->plant($state, Fault::tryFrom((string) $entry['fault'])),
            'new-battery' => $state->fault = in_array($state->fault, [Fault::FlatBattery, Fault::LowBattery], true) ? null : $state->fault,
            'trigger' => $state->device->bus === null ? $this->reports->trigger($state) : $this->bus->operate($state),
            'power' => $this->bridging->turn($state, Presence::tryFrom((string) $entry['kind']) ?? $state->presence),
            'remote-key' => $this->remotes->pressed(
                $state,
                (string) $entry['kind'],
                (float) ($entry['seconds'] ?? 0),
                ($entry['point'] ?? 'hub') === 'hub',
            ),
            'mains' => $state->isOff = (string) $entry['kind'] === 'off',
            'carry' => $this->carry($state),
            'put-back' => $state->carriedTo = null,
            'plug-at' => $state->carriedTo = ($this->world->house->sockets[$entry['point'] ?? ''] ?? null)->position ?? $state->carriedTo,
            'gesture' => $this->joining->gesture($state, Gesture::by(
                $state,
                $this->world->now,
                (string) $entry['kind'],
                (int) ($entry['times'] ?? 1),
                (float) ($entry['seconds'] ?? 0),
            )),
            default => null,
        };
    }

    private function carry(DeviceState $state): void
    {
        $state->carriedTo = $this->world->house->besideGateway();
        if ($state->fault === Fault::DropsOff && $state->isIn()) {
            $this->joining->leave($state);
        }
    }
}
