<?php

declare(strict_types=1);

namespace App\Gateway;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Protocol\Protocol;

/** A node as a gateway lists it. What it did not say is null, and stays as it was known. */
final readonly class ListedNode
{
    /** @param list<string>|null $capabilities */
    private function __construct(
        public string $address,
        public ?Protocol $protocol,
        public ?string $model,
        public ?string $firmware,
        public ?bool $isRouter,
        public ?array $capabilities,
        public ?string $state,
    ) {}

    /** @throws InvalidInput */
    public static function read(Input $node): self
    {
        $protocol = $node->find('protocol')?->word(Protocol::words());
        $role = $node->find('role')?->word(['router', 'end']);
        $capabilities = $node->find('capabilities')?->items();

        return new self(
            $node->get('address')->id(),
            $protocol === null ? null : Protocol::from($protocol),
            $node->find('model')?->text(),
            $node->find('firmware')?->text(),
            $role === null ? null : $role === 'router',
            $capabilities === null ? null : array_map(static fn (Input $capability): string => $capability->text(), $capabilities),
            $node->find('state')?->text(),
        );
    }

    /** One that has only announced itself: nothing but its address is known. */
    public static function announced(string $address): self
    {
        return new self($address, null, null, null, null, null, null);
    }
}
