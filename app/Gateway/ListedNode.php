<?php

declare(strict_types=1);

namespace App\Gateway;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Protocol\Protocol;

/** A node as a gateway lists it. What it did not say is null, and stays as it was known. */
final readonly class ListedNode
{
    /** As many characters as the database keeps of each */
    public const LONGEST_ADDRESS = 40;

    private const LONGEST_MODEL = 120;

    private const LONGEST_FIRMWARE = 40;

    private const LONGEST_LABEL = 200;

    private const STATES = ['announced', 'joined', 'in-part'];

    private const MOST_CAPABILITIES = 100;

    private const LONGEST_CAPABILITY = 80;

    /** @param list<string>|null $capabilities */
    private function __construct(
        public string $address,
        public ?Protocol $protocol,
        public ?string $model,
        public ?string $firmware,
        public ?bool $isRouter,
        public ?array $capabilities,
        public ?string $state,
        public ?string $via = null,
        public ?bool $isReachable = null,
        public ?string $label = null,
    ) {}

    /** @throws InvalidInput */
    public static function read(Input $node): self
    {
        $protocol = $node->find('protocol')?->word(Protocol::words());
        $role = $node->find('role')?->word(['router', 'end']);
        $capabilities = $node->find('capabilities')?->items();

        return new self(
            $node->get('address')->idUpTo(self::LONGEST_ADDRESS),
            $protocol === null ? null : Protocol::from($protocol),
            $node->find('model')?->textUpTo(self::LONGEST_MODEL),
            $node->find('firmware')?->textUpTo(self::LONGEST_FIRMWARE),
            $role === null ? null : $role === 'router',
            $capabilities === null ? null : self::capabilities($capabilities, $node->at),
            $node->find('state')?->word(self::STATES),
            $node->find('via')?->idUpTo(self::LONGEST_ADDRESS),
            $node->find('reachable')?->flag(),
            $node->find('label')?->textUpTo(self::LONGEST_LABEL),
        );
    }

    /**
     * @param  list<Input>  $capabilities
     * @return list<string>
     *
     * @throws InvalidInput
     */
    private static function capabilities(array $capabilities, string $at): array
    {
        return count($capabilities) <= self::MOST_CAPABILITIES
            ? array_map(static fn (Input $one): string => $one->textUpTo(self::LONGEST_CAPABILITY), $capabilities)
            : throw InvalidInput::outOfRange("{$at}.capabilities", 'a list of at most '.self::MOST_CAPABILITIES);
    }

    /** One that has only announced itself: nothing but its address is known, and the radio that its window was of. */
    public static function announced(string $address, ?Protocol $protocol): self
    {
        return new self($address, $protocol, null, null, null, null, null);
    }
}
