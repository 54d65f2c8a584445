<?php

declare(strict_types=1);

namespace Kavvel\Core\Replacing;

use Kavvel\Core\Proving\Rung;

/**
 * What has to be done again because another device is in a slot. Name, room, plan, wants and rules are the slot's, and stay; what
 * was set, shown and read was set, shown and read of the device before.
 *
 * Source: the rules of the job: a new device starts its proofs anew.
 */
final readonly class Redo
{
    private function __construct(public RedoKind $kind, public string $words, public bool $isDone) {}

    /** @return list<self> in the order of work */
    public static function of(RedoFacts $facts): array
    {
        return [
            ...$facts->isWired ? [new self(RedoKind::Fit, 'Into its box, with the circuit off and proved dead', $facts->isFitted)] : [],
            ...$facts->isTaught === null ? [] : [new self(RedoKind::Teach, 'Put it up, and teach it its ends', $facts->isTaught)],
            ...$facts->needsCode ? [new self(RedoKind::Code, 'Scan the code of the new one', $facts->hasCode)] : [],
            new self(RedoKind::Pair, 'Pair it', $facts->isIn),
            ...array_map(static fn (SettingToRedo $one): self => new self(
                RedoKind::Set,
                $one->say(),
                $facts->isIn && $one->isSet,
            ), $facts->settings),
            ...$facts->name === null ? [] : [
                new self(RedoKind::Name, "“{$facts->name}” is written to it", $facts->isIn && $facts->isNamed),
            ],
            ...array_map(static fn (Rung $rung): self => new self(
                RedoKind::Prove,
                "Show again: {$rung->words()}",
                in_array($rung, $facts->shownSince, true),
            ), $facts->shownBefore),
            ...array_map(
                static fn (string $name, bool $isLinked): self => new self(RedoKind::Link, "Into {$name} again", $isLinked),
                array_map(strval(...), array_keys($facts->ecosystems)),
                $facts->ecosystems,
            ),
            ...$facts->hangingOn > 0 ? [new self(RedoKind::Read, self::reads($facts->hangingOn), $facts->isReadSince)] : [],
        ];
    }

    /** @param list<self> $all */
    public static function open(array $all): int
    {
        return count(array_filter($all, static fn (self $one): bool => ! $one->isDone));
    }

    private static function reads(int $hangingOn): string
    {
        return $hangingOn === 1
            ? 'Read the mesh: one device reached the hub through it'
            : "Read the mesh: {$hangingOn} devices reached the hub through it";
    }
}
