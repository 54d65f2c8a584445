<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use DateTimeImmutable;
use DateTimeZone;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

/** A device as an ecosystem was read to show it (docs/ecosystem-link.md). */
final readonly class ShownDevice
{
    public const MOST = 2000;

    private const MOST_CAPABILITIES = 100;

    /**
     * @param  string  $id  its own there
     * @param  list<string>  $capabilities  what is left of it there
     * @param  string|null  $mark  by which it is the same everywhere: its address at the hub; null: nothing is handed on
     * @param  array<string, string>  $values  that are known there now, by capability
     * @param  string|null  $over  the box by which it came in; null: by itself
     */
    private function __construct(
        public string $id,
        public string $name,
        public ?string $room,
        public array $capabilities,
        public ?string $mark,
        public ?string $over,
        public string $form,
        public DateTimeImmutable $since,
        public bool $isReachable,
        public array $values,
    ) {}

    /**
     * @return list<self>
     *
     * @throws InvalidInput
     */
    public static function all(Input $list): array
    {
        $rows = count($list->items()) <= self::MOST
            ? $list->items()
            : throw InvalidInput::outOfRange($list->at, 'a list of at most '.self::MOST);
        $all = [];
        foreach ($rows as $row) {
            $one = self::fromInput($row);
            if (isset($all[" {$one->id}"])) {
                throw InvalidInput::duplicateId($one->id, $row->at);
            }
            $all[" {$one->id}"] = $one;
        }

        return array_values($all);
    }

    public static function fromInput(Input $row): self
    {
        $capabilities = $row->get('capabilities');
        if (count($capabilities->items()) > self::MOST_CAPABILITIES) {
            throw InvalidInput::outOfRange($capabilities->at, 'a list of at most '.self::MOST_CAPABILITIES);
        }

        return new self(
            $row->get('device')->idUpTo(80),
            $row->get('name')->textUpTo(200),
            $row->find('room')?->textUpTo(200),
            array_map(static fn (Input $one): string => $one->idUpTo(80), $capabilities->items()),
            $row->find('mark')?->idUpTo(80),
            $row->find('over')?->textUpTo(80),
            $row->get('form')->idUpTo(40),
            $row->get('since')->moment(),
            $row->get('reachable')->flag(),
            self::values($row->find('values')),
        );
    }

    /** @return array<string, string> */
    private static function values(?Input $values): array
    {
        $read = [];
        foreach (array_keys($values?->properties() ?? []) as $capability) {
            $read[(string) $capability] = (string) $values?->get((string) $capability)->textUpTo(200);
        }

        return $read;
    }

    /** @return array<string, mixed> as the link has it */
    public function toArray(): array
    {
        return [
            'device' => $this->id, 'name' => $this->name, 'room' => $this->room, 'capabilities' => $this->capabilities,
            'mark' => $this->mark, 'over' => $this->over, 'form' => $this->form,
            'since' => $this->since->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d\TH:i:s.v\Z'), 'reachable' => $this->isReachable,
            'values' => $this->values,
        ];
    }
}
