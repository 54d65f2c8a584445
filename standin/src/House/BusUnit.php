<?php

declare(strict_types=1);

namespace Kavvel\Standin\House;

use Kavvel\Core\Bus\GroupAddress;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

/** A device on the wired bus, as the tool of its bus has loaded it. */
final readonly class BusUnit
{
    /**
     * @param  string  $own  its own address
     * @param  GroupAddress|null  $says  where it says what happens at it
     * @param  GroupAddress|null  $switches  where its key switches a load
     * @param  GroupAddress|null  $obeys  where it is switched itself
     * @param  GroupAddress|null  $tells  where it tells its state
     */
    private function __construct(
        public string $own,
        public ?GroupAddress $says,
        public ?GroupAddress $switches,
        public ?GroupAddress $obeys,
        public ?GroupAddress $tells,
    ) {}

    /** The address of a group by which others know it: its own stands in the project of the bus alone. */
    public function knownAt(): string
    {
        return ($this->says ?? $this->obeys ?? $this->tells)->text ?? $this->own;
    }

    /** @throws InvalidInput */
    public static function read(Input $unit): self
    {
        return new self(
            $unit->get('own')->text(),
            self::address($unit->find('says')),
            self::address($unit->find('switches')),
            self::address($unit->find('obeys')),
            self::address($unit->find('tells')),
        );
    }

    private static function address(?Input $at): ?GroupAddress
    {
        return $at === null ? null : GroupAddress::of($at->text()) ?? throw InvalidInput::outOfRange($at->at, 'an address of the bus');
    }
}
